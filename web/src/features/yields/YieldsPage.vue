<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { problemsOf } from '@/api/client'
import { WaitNote } from '@/shared'
import MethodRow from './MethodRow.vue'
import PinnedTable from './PinnedTable.vue'
import QuestionPanel from './QuestionPanel.vue'
import CoverPanel from './CoverPanel.vue'
import SeamCheckPanel from './SeamCheckPanel.vue'
import StepCards from './StepCards.vue'
import { type MethodAnswer, useLimits, useYieldQuestion, useYields } from './useYieldQuestion'

const { question, asked } = useYieldQuestion()
const { data: answered, error } = useYields()
/** The last good answer stays in sight while the question is being put right. */
const yields = ref(answered.value)
watch(answered, (answer) => (yields.value = answer ?? yields.value), { immediate: true })
const { data: limits } = useLimits()

type Order = 'units' | 'waste' | 'cuts' | 'edges'
const ORDERS: { key: Order; label: string }[] = [
  { key: 'units', label: 'most units a piece' },
  { key: 'waste', label: 'least waste' },
  { key: 'cuts', label: 'fewest cuts a unit' },
  { key: 'edges', label: 'straight edges first' },
]
const order = ref<Order>('units')
const MOST_PINNED = 3
const pinned = ref<string[]>([])
const stepsOf = ref<string>()

const problems = computed(() => (error.value ? problemsOf(error.value) : []))
const sorted = computed(() => [...(yields.value?.methods ?? [])].sort((a, b) => rank(a) - rank(b)))
const pinnedRows = computed(() => sorted.value.filter((method) => pinned.value.includes(method.key) && method.gives))
const chosenSteps = computed(() => sorted.value.find((method) => method.key === stepsOf.value && method.possible))

/** Smaller comes first; what is not possible comes last. */
function rank(method: MethodAnswer): number {
  const gives = method.gives
  if (!gives) return Number.MAX_SAFE_INTEGER
  switch (order.value) {
    case 'units':
      return -gives.units / gives.cloths
    case 'waste':
      return gives.wastePercent
    case 'cuts':
      return gives.units ? gives.straightCuts / gives.units : Number.MAX_SAFE_INTEGER - 1
    case 'edges':
      return gives.straightEdges ? 0 : 1
  }
}

function pin(key: string) {
  pinned.value = pinned.value.includes(key)
    ? pinned.value.filter((each) => each !== key)
    : [...pinned.value, key].slice(-MOST_PINNED)
}
</script>

<template>
  <div class="grid min-w-0 flex-1 max-md:grid-cols-[minmax(0,1fr)] md:grid-cols-[20rem_1fr]">
    <QuestionPanel :question="question" :limits="limits" :problems="problems" />
    <section class="min-w-0 space-y-4 bg-white p-5" aria-label="Answers">
      <WaitNote v-if="!yields && !error" what="the answers" />
      <p v-else-if="!yields" class="text-soft">The answers appear here once the question on the left is right.</p>
      <template v-else>
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
          <h1 class="text-xl font-bold">
            From one {{ yields.piece }}{{ yields.pieces > 1 ? `, and from all ${yields.pieces}` : '' }}:
            <span class="font-normal"
              >{{ yields.unit }}, {{ yields.finished }} {{ yields.unitOfLength }} finished
              <span v-if="yields.trimmed" class="text-soft">({{ yields.trimmed }} unfinished)</span></span
            >
          </h1>
          <label class="ml-auto flex items-center gap-2"
            >Sort by
            <select v-model="order" class="field">
              <option v-for="each in ORDERS" :key="each.key" :value="each.key">{{ each.label }}</option>
            </select></label
          >
        </div>
        <PinnedTable
          v-if="pinnedRows.length"
          :methods="pinnedRows"
          :unit-of-length="yields.unitOfLength"
          @unpinned="pin"
        />
        <ul class="space-y-3" aria-label="Methods" :aria-busy="problems.length > 0">
          <MethodRow
            v-for="method in sorted"
            :key="method.key"
            :method="method"
            :yields="yields"
            :limits="limits"
            :size="asked.unit.size"
            :pinned="pinned.includes(method.key)"
            :steps-shown="stepsOf === method.key"
            @pinned="pin(method.key)"
            @steps="stepsOf = stepsOf === method.key ? undefined : method.key"
            @size-taken="question.unit.size = $event"
          >
            <StepCards v-if="chosenSteps && chosenSteps.key === method.key" :question="asked" :method="method.key" />
          </MethodRow>
        </ul>
        <SeamCheckPanel :question="asked" />
        <CoverPanel :question="asked" />
      </template>
    </section>
  </div>
</template>
