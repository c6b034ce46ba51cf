<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { PatchPicture, spellCount } from '@/shared'
import CountTyped from './CountTyped.vue'
import { counted, type Part, sharedOut } from './counted'
import type { Entry } from '@/features/bench'
import type { Batch } from './queries'

export interface BatchRunProps {
  /** The same work in many cloths. */
  batches: readonly Batch[]
  chosen: string
  colours: readonly string[]
  good: (batch: Batch) => number
}

const props = defineProps<BatchRunProps>()
const emit = defineEmits<{ taken: [key: string]; ticked: [key: string]; written: [entry: Omit<Entry, 'id'>] }>()

const first = computed(() => props.batches[0]!)
const sets = computed(() => props.batches.reduce((sum, each) => sum + Math.ceil(each.needed / each.perSet), 0))
const left = computed(() => props.batches.reduce((sum, each) => sum + each.setsLeft, 0))
/** What was counted last of all of them together: one count, taken back by one press until anything else is counted. */
const last = ref<{ parts: Part[]; goods: string }>()
const goods = computed(() => props.batches.map(props.good).join(' '))
const canTakeBack = computed(() => last.value?.goods === goods.value)
async function countAll(made: number, spoiled: number) {
  const parts = sharedOut(props.batches, made, spoiled)
  parts.forEach((part) => emit('written', counted(part.batch, part.made, part.spoiled)))
  await nextTick()
  last.value = { parts, goods: goods.value }
}
function takeBack() {
  last.value?.parts.forEach(({ batch }) => emit('written', { kind: 'TAKE_BACK', batch, hand: '', text: '' }))
  last.value = undefined
}
const holdsChosen = computed(() => props.batches.some((each) => each.key === props.chosen))
</script>

<template>
  <details class="rounded-xl border border-line p-2" :open="holdsChosen" data-run>
    <summary class="cursor-pointer">
      <strong class="first-letter:uppercase inline-block">{{ first.line.act }}</strong>
      <span class="block text-sm text-soft"
        >{{ spellCount(sets, first.setName, `${first.setName}s`) }} in {{ batches.length }} combinations:
        <span :class="{ 'font-bold text-leaf': left === 0 }">{{
          left === 0 ? 'all made ✓' : `${left} left`
        }}</span></span
      >
    </summary>
    <ul class="mt-2 space-y-1">
      <li v-for="each in batches" :key="each.key" class="flex items-stretch gap-1">
        <button
          class="flex min-h-11 min-w-0 flex-1 cursor-pointer items-center gap-2 rounded-lg border border-line bg-white px-2 text-left data-[chosen]:border-2 data-[chosen]:border-tape-deep"
          :data-chosen="each.key === chosen || undefined"
          :aria-pressed="each.key === chosen"
          @click="emit('taken', each.key)"
        >
          <PatchPicture
            class="size-8 shrink-0"
            :width="each.unit.width"
            :height="each.unit.height"
            :patches="each.unit.patches"
            :colours="each.unit.cloths.map((cloth) => colours[cloth])"
          />
          <span class="min-w-0 flex-1 text-sm leading-4">{{ each.line.of }}</span>
          <span class="shrink-0 text-sm tabular-nums" :class="{ 'font-bold text-leaf': each.setsLeft === 0 }"
            >{{ good(each) }}/{{ each.needed }}</span
          >
        </button>
        <button
          class="button min-h-11 w-11 px-0"
          :disabled="each.setsLeft === 0"
          :aria-label="`+1: one ${each.setName} of ${each.line.of} made`"
          @click="emit('ticked', each.key)"
        >
          {{ each.setsLeft === 0 ? '✓' : '+1' }}
        </button>
      </li>
    </ul>
    <details class="mt-2 space-y-2 text-sm" data-count-all>
      <summary class="min-h-11 cursor-pointer py-2">Count all fabrics together</summary>
      <CountTyped
        :sets="`${first.setName}s`"
        :things="first.kind === 'HALVES' ? 'halves' : 'units'"
        :left="left"
        of="all fabrics"
        @counted="countAll"
      />
      <button v-if="canTakeBack" class="button w-full" @click="takeBack">Take that count back</button>
    </details>
  </details>
</template>
