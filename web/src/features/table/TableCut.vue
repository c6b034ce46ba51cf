<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { tickedWithTaps, useTaps } from '@/features/bench'
import { PieceDiagram, useCutSheets } from '@/features/cut'
import { WaitNote } from '@/shared'
import { type CutCard, cutCards, firstOpen } from './cutting'
import type { Told } from './hands'

export interface TableCutProps {
  quiltId: string
}

const props = defineProps<TableCutProps>()
const taps = useTaps(() => props.quiltId)
const { data: sheets, error } = useCutSheets(() => props.quiltId)
const cards = computed(() => (sheets.value ? cutCards(sheets.value) : []))
const ticked = computed(() => {
  const steps = sheets.value?.cloths.flatMap((cloth) => cloth.pieces.flatMap((piece) => piece.steps)) ?? []
  return new Set(
    steps.filter((step) => tickedWithTaps(step.key, step.done, taps.waiting.value)).map((step) => step.key),
  )
})
const isDone = (each: CutCard) => each.keys.every((key) => ticked.value.has(key))
const doneCount = computed(() => cards.value.filter(isDone).length)
function tick(each: CutCard, done: boolean) {
  each.keys.filter((key) => ticked.value.has(key) !== done).forEach((key) => taps.tick(key, done))
}
/** Which card is shown; after the last one there is one that says so. */
const at = ref<number>()
watch(
  cards,
  (now) => {
    if (at.value === undefined && now.length) at.value = firstOpen(now, isDone)
  },
  { immediate: true },
)
/** Cloths of which there is nothing to cut from, so no card either. */
const without = computed(
  () =>
    sheets.value?.cloths.filter((cloth) => !cloth.pieces.length && !cloth.already.length).map((cloth) => cloth.name) ??
    [],
)
const card = computed(() => cards.value[at.value ?? 0])
const goTo = (next: number) => (at.value = Math.min(cards.value.length, Math.max(0, next)))

function tell(told: Told) {
  if (at.value === undefined) return
  if (told.act === 'back') goTo(at.value - 1)
  else if (told.act === 'next') goTo(at.value + 1)
  else if (told.act === 'done' && card.value) {
    tick(card.value, true)
    goTo(at.value + 1)
  }
}
defineExpose({ tell })
</script>

<template>
  <WaitNote v-if="!sheets" what="the cutting sheets" :error="error" />
  <p v-else-if="!cards.length" class="p-6 text-2xl">
    {{ sheets.cloths.length ? 'All is cut and put away.' : 'Nothing to cut yet: dress the blocks at the station Top.' }}
  </p>
  <section v-else-if="!card" class="flex flex-1 flex-col justify-center gap-4 p-6" aria-label="Cut">
    <p class="text-4xl font-bold" role="status">
      {{
        doneCount === cards.length
          ? without.length
            ? 'All steps are done.'
            : 'All cut.'
          : `That was the last step. ${cards.length - doneCount} are left out.`
      }}
    </p>
    <p v-if="without.length" class="text-2xl">
      Not among them: {{ without.join(', ') }}. There is no piece to cut them from. See the Tally for a way out.
    </p>
    <div class="flex flex-wrap gap-3">
      <button class="button px-8 py-5 text-2xl" @click="goTo(cards.length - 1)">Back</button>
      <RouterLink
        v-if="doneCount === cards.length"
        class="button button-main px-8 py-5 text-2xl"
        :to="`/quilts/${quiltId}/cut`"
        >Put away what is left</RouterLink
      >
      <button
        v-if="doneCount < cards.length"
        class="button button-main px-8 py-5 text-2xl"
        @click="goTo(firstOpen(cards, isDone))"
      >
        To the first that is left out
      </button>
    </div>
  </section>
  <section v-else class="flex flex-1 flex-col gap-4 p-4" aria-label="A step of cutting" :data-step="card.keys[0]">
    <div class="grid flex-1 content-start gap-4 lg:grid-cols-2">
      <div>
        <p class="flex items-center gap-3 text-2xl font-bold">
          <span
            v-for="(colour, i) in card.colours"
            :key="i"
            class="size-9 shrink-0 rounded-full border border-ink/40 not-first:-ml-6"
            :style="{ background: colour }"
          ></span>
          {{ card.cloth }}: {{ card.piece.title }}
        </p>
        <p class="mt-1 text-xl text-soft">
          step {{ card.number }} of {{ card.of
          }}<template v-if="card.piece.count > 1">, for each of {{ card.piece.count }} pieces</template
          ><template v-if="card.piece.toBuy">, to buy</template>; {{ doneCount }} of {{ cards.length }} steps done in
          all
        </p>
        <p class="mt-4 text-4xl leading-tight font-semibold" role="status" data-says>{{ card.text }}</p>
        <p v-if="card.running" class="mt-3 text-2xl text-soft">{{ card.running }}</p>
        <p v-if="card.piece.tight" class="mt-3 rounded-lg border border-[#d9b95a] bg-tape-pale p-3 text-xl">
          <strong>Tight fit.</strong> Check the ruler's zero and measure the piece before the first cut.
        </p>
      </div>
      <PieceDiagram :lit="card.where" :piece="card.piece" :colour="card.colours[0]!" class="max-h-[50dvh]" />
    </div>
    <p class="rounded-lg bg-brick-pale p-2 text-lg"><strong>Blade care.</strong> {{ sheets.caution }}</p>
    <div class="sticky bottom-0 flex gap-3 bg-white py-2">
      <button class="button px-6 py-5 text-2xl" :disabled="at === 0" @click="tell({ act: 'back' })">Back</button>
      <button class="button button-main flex-1 py-5 text-3xl" @click="tell({ act: 'done' })">
        {{ isDone(card) ? 'Done already: on' : 'Done' }}
      </button>
      <button v-if="isDone(card)" class="button px-6 py-5 text-2xl" @click="tick(card, false)">Not done</button>
    </div>
  </section>
</template>
