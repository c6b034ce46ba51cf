<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useTaps, withTaps } from '@/features/bench'
import { useOpenQuilt } from '@/features/quilts'
import { counted, CountTyped, LayoutDrawing, useBatches, useCard } from '@/features/sew'
import { useClothColours, useClothPaints } from '@/features/top'
import { StepDrawing, TallyMarks, WaitNote } from '@/shared'
import type { Told } from './hands'
import { useRoute } from 'vue-router'

export interface TableSewProps {
  quiltId: string
}

const props = defineProps<TableSewProps>()
const route = useRoute()
const quilt = useOpenQuilt()
const taps = useTaps(() => props.quiltId)
const { data: sew, error } = useBatches(() => props.quiltId)
const design = computed(() => quilt.design.value!)
const colours = useClothColours(design)
const paints = useClothPaints(design)

const chosen = ref<string>()
watch(
  sew,
  (now) => {
    const wanted = String(route.query.batch ?? '')
    if (!now || now.batches.some((each) => each.key === chosen.value)) return
    const begin =
      now.batches.find((each) => each.key === wanted) ?? now.batches.find((each) => each.setsLeft > 0) ?? now.batches[0]
    chosen.value = begin?.key
  },
  { immediate: true },
)
const number = computed(() => sew.value?.batches.findIndex((each) => each.key === chosen.value) ?? -1)
const batch = computed(() => sew.value?.batches[number.value])
const { data: card, error: cardError } = useCard(() => props.quiltId, chosen)
const counts = computed(() => (batch.value ? withTaps(batch.value, taps.waiting.value, sew.value!.known) : undefined))
const isDone = computed(() => !!batch.value && !!counts.value && counts.value.good >= batch.value.needed)

/** Which step of the batch is shown; the last card counts. A batch that is begun opens there. */
const at = ref(0)
const last = computed(() => card.value?.steps.length ?? 0)
const step = computed(() => card.value?.steps[at.value])
watch(
  [chosen, last],
  ([key, steps], [before]) => {
    if (key !== before || at.value > steps) at.value = counts.value?.good ? steps : 0
  },
  { immediate: true },
)

const ROLES = ['A', 'B', 'C', 'D'] as const
const colourOf = (cloth: number | undefined) => (cloth !== undefined && cloth >= 0 ? colours.value[cloth]! : '#d3d8d2')
const paintFor = (cloth: number | undefined) => (cloth !== undefined && cloth >= 0 ? paints.value[cloth]! : '#d3d8d2')
const rightSides = computed(() => Object.fromEntries(ROLES.map((role, i) => [role, paintFor(card.value?.roles[i])])))
const wrongSides = computed(() =>
  Object.fromEntries(
    ROLES.map((role, i) => [role, `color-mix(in srgb, ${colourOf(card.value?.roles[i])} 55%, white)`]),
  ),
)
const isUnits = computed(() => batch.value?.kind === 'UNITS' || batch.value?.kind === 'HALVES')
/** What is spoiled one by one, and several of it. */
const spoilt = computed(
  () => ({ UNITS: 'unit', HALVES: 'half' })[String(batch.value?.kind)] ?? batch.value?.setName ?? '',
)
const things = computed(() => ({ unit: 'units', half: 'halves' })[spoilt.value] ?? `${batch.value?.setName}s`)
/** How blocks, rows and borders are laid out; of those alike in other cloths the first is enough to see. */
const joined = computed(() => (isUnits.value ? [] : (card.value?.layouts ?? []).slice(0, 1)))
/** What the server says of what is left knows nothing of taps that wait. */
const left = computed(() =>
  counts.value?.unconfirmed
    ? `Left to do: ${Math.max(0, batch.value!.needed - counts.value.good)}.`
    : card.value?.left.join(' '),
)

/** Whether a spoiled one is not counted until somebody says which hand it was. */
const whichHand = ref(false)
watch(chosen, () => (whichHand.value = false))

function toBatch(next: number) {
  const to = sew.value?.batches[next]
  if (to) chosen.value = to.key
}
function write(kind: 'SET_MADE' | 'UNIT_SPOILED' | 'TAKE_BACK', count = 1, hand = '') {
  whichHand.value = false
  for (let i = 0; i < count; i++) taps.write({ kind, batch: batch.value!.key, hand, text: '' })
}
function back() {
  if (at.value > 0) at.value--
  else toBatch(number.value - 1)
}
function next() {
  if (at.value < last.value) at.value++
  else toBatch(number.value + 1)
}
function tell(told: Told) {
  if (!batch.value) return
  if (told.act === 'made') write('SET_MADE', told.count)
  else if (told.act === 'spoiled') {
    // Which hand it was, only the eye can tell.
    whichHand.value = batch.value.handed
    if (!batch.value.handed) write('UNIT_SPOILED', told.count)
  } else if (told.act === 'back') back()
  else if (told.act === 'next' || step.value || isDone.value) next()
  else write('SET_MADE')
}
defineExpose({ tell })
</script>

<template>
  <WaitNote v-if="!sew" what="the batches" :error="error" />
  <p v-else-if="!batch || !counts" class="p-6 text-2xl">Nothing to sew yet: build a block at the station Top.</p>
  <section v-else class="flex flex-1 flex-col gap-4 p-4" aria-label="A card of sewing" :data-batch="batch.key">
    <div>
      <h1 class="text-2xl font-bold first-letter:uppercase">{{ batch.title }}</h1>
      <p class="text-xl text-soft">
        {{ batch.subtitle }}; batch {{ number + 1 }} of {{ sew.batches.length }}, {{ counts.good }} of
        {{ batch.needed }} made
      </p>
    </div>
    <WaitNote v-if="!card" what="the card" :error="cardError" />
    <div v-else-if="step" class="grid flex-1 content-start gap-4 lg:grid-cols-2" :data-step="at + 1">
      <StepDrawing :step="step" :colours="rightSides" :wrong-sides="wrongSides" class="h-[45dvh] w-full" />
      <div role="status">
        <h2 class="text-3xl font-bold">{{ at + 1 }} of {{ last }} · {{ step.title }}</h2>
        <p class="mt-3 text-3xl leading-snug" data-says>{{ step.text }}</p>
        <p v-if="step.caution" class="mt-4 rounded-lg bg-brick-pale p-3 text-xl">{{ step.caution }}</p>
      </div>
    </div>
    <div v-else class="grid flex-1 content-start gap-6 lg:grid-cols-2" data-count>
      <div class="space-y-4">
        <div class="flex flex-wrap items-end gap-6">
          <p role="status">
            <strong class="text-8xl tabular-nums" data-good>{{ counts.good }}</strong>
            <span class="text-3xl"> of {{ batch.needed }} made</span>
          </p>
          <TallyMarks :count="counts.setsMade" />
        </div>
        <p class="text-2xl" data-left>{{ left }}</p>
        <p v-if="whichHand" role="alert" class="rounded-lg bg-brick-pale p-3 text-xl">
          Not counted yet: was it a left-hand or a right-hand one? Tap it.
        </p>
        <div class="flex flex-wrap gap-3">
          <template v-if="batch.handed">
            <button
              v-for="hand in ['left', 'right']"
              :key="hand"
              class="button px-5 py-4 text-xl"
              @click="write('UNIT_SPOILED', 1, hand)"
            >
              One {{ hand }}-hand spoiled
            </button>
          </template>
          <button v-else class="button px-5 py-4 text-xl" @click="write('UNIT_SPOILED')">
            One {{ spoilt }} spoiled
          </button>
          <button class="button px-5 py-4 text-xl" @click="write('TAKE_BACK')">Take back</button>
        </div>
        <CountTyped
          v-if="!batch.handed"
          :key="batch.key"
          class="text-xl"
          :sets="`${batch.setName}s`"
          :things="things"
          :left="batch.setsLeft"
          @counted="(made: number, spoiled: number) => taps.write(counted(batch!.key, made, spoiled))"
        />
      </div>
      <div class="space-y-4">
        <ul class="flex flex-wrap gap-3 text-2xl">
          <li v-for="check in card.checks" :key="check.name" class="rounded-lg border border-line px-4 py-2">
            <span class="text-soft">{{ check.name }}</span> <strong>{{ check.size }}</strong>
          </li>
        </ul>
        <template v-for="layout in joined" :key="layout.name">
          <h2 class="text-2xl font-bold">Lay out and join {{ layout.name }}</h2>
          <LayoutDrawing
            :layout="layout"
            :colours="paints"
            :lit="card.litPieces"
            pressing
            class="max-h-[60dvh] w-full"
          />
          <p class="text-xl text-soft">Arrows: the side to which each seam is pressed. ↔ and ↕ are open.</p>
          <ol class="list-decimal space-y-1 pl-8 text-2xl">
            <li v-for="join in layout.joins" :key="join">{{ join }}.</li>
          </ol>
        </template>
        <p v-if="card.handling" role="note" class="rounded-lg bg-brick-pale p-3 text-xl">{{ card.handling }}</p>
        <p class="rounded-lg bg-brick-pale p-3 text-xl">
          Pins out before the needle. Fingers clear of the iron's point and of hot steam. The makers' instructions come
          first.
        </p>
      </div>
    </div>
    <div class="sticky bottom-0 flex gap-3 bg-white py-2">
      <button class="button px-6 py-5 text-2xl" :disabled="at === 0 && number === 0" @click="back">Back</button>
      <button class="button button-main flex-1 py-5 text-3xl" @click="tell({ act: 'done' })">
        <template v-if="step">{{ at + 1 < last ? 'Next step' : 'To the count' }}</template>
        <template v-else-if="isDone">{{
          number + 1 < sew.batches.length ? 'All made: the next batch' : 'All made'
        }}</template>
        <template v-else>One {{ batch.setName }} made</template>
      </button>
      <button
        v-if="!step && !isDone && number + 1 < sew.batches.length"
        class="button px-6 py-5 text-2xl"
        @click="next"
      >
        Next batch
      </button>
    </div>
  </section>
</template>
