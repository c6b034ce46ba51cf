<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call } from '@/api/client'
import { tickedWithTaps, useTaps } from '@/features/bench'
import { PaperLinks } from '@/features/print'
import { OpenProblems, useOpenQuilt } from '@/features/quilts'
import { ProblemNote, WaitNote } from '@/shared'
import { AlongNote } from '@/features/sew'
import { type Problem, problemsOf, type Schemas } from '@/api/client'
import CutAndPutAway from './CutAndPutAway.vue'
import PieceDiagram from './PieceDiagram.vue'
import PutAway from './PutAway.vue'
import { useCutSheets } from './queries'
import { type SharedSheet, sharedSheets, type Stack, stepsOf } from './stacks'

const quilt = useOpenQuilt()
const client = useQueryClient()
const taps = useTaps(() => quilt.id.value!)
const { data: sheets, error } = useCutSheets(() => quilt.id.value)
const chosen = ref<string>()
const shared = computed(() => (sheets.value ? sharedSheets(sheets.value) : []))
const sheet = computed(() => shared.value.find((each) => each.key === chosen.value) ?? shared.value[0])
/** The sheet of this cloth stands for all that share it. */
const cloth = computed(() => sheet.value?.first)

/** The step that is pointed at; else the first of the sheet that is not done, so that the drawing shows what comes next. */
const pointed = ref<{ piece: number; step: number }>()
const isDone = (step: { key: string; done: boolean }) => tickedWithTaps(step.key, step.done, taps.waiting.value)
const isStackDone = (stack: Stack, piece: number, step: number) => stepsOf(stack, piece, step).every(isDone)
const isAllDone = (piece: number, step: number) => sheet.value!.stacks.every((stack) => isStackDone(stack, piece, step))
function tick(stack: Stack, piece: number, step: number, done: boolean) {
  pointed.value = undefined
  stepsOf(stack, piece, step)
    .filter((each) => isDone(each) !== done)
    .forEach((each) => taps.tick(each.key, done))
}
const before = computed(() =>
  (sheets.value?.before ?? []).filter((each) => tickedWithTaps(each.key, true, taps.waiting.value)),
)
const stepCount = (each: SharedSheet) => each.stacks.length * each.first.steps
const doneCount = (each: SharedSheet) =>
  each.stacks.reduce(
    (sum, stack) =>
      sum +
      each.first.pieces.reduce(
        (all, piece, p) => all + piece.steps.filter((_, i) => isStackDone(stack, p, i)).length,
        0,
      ),
    0,
  )
const next = computed(() => {
  const pieces = cloth.value?.pieces ?? []
  for (const [piece, { steps }] of pieces.entries()) {
    const step = steps.findIndex((_, i) => !isAllDone(piece, i))
    if (step >= 0) return { piece, step }
  }
  return undefined
})
const inHand = computed(() => pointed.value ?? next.value)
const isInHand = (piece: number, step: number) => inHand.value?.piece === piece && inHand.value.step === step
const litOf = (number: number) =>
  inHand.value?.piece === number ? (cloth.value!.pieces[number]?.steps[inHand.value.step]?.where ?? []) : []
/** Equal pieces of all fabrics of the sheet that are cut, whose ticks have arrived. */
const cutInto = (number: number) =>
  sheet.value!.cloths.map((one) => one.pieces[number]!).filter((piece) => piece.cutInto && piece.steps.every(isDone))
const allCutInto = computed(() =>
  (sheets.value?.cloths ?? []).flatMap((one) => one.pieces).filter((one) => one.cutInto),
)
const problems = ref<Problem[]>([])
async function putAway(pieces: Schemas['PieceAway'][]) {
  try {
    await quilt.changeBy((version) =>
      call('POST', '/api/quilts/{id}/cut/put-away', { path: { id: quilt.id.value! }, body: { version, pieces } }),
    )
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  void askAnew(client, ['shelf'])
  void askAnew(client, ['quilt'])
}
const MOST_SWATCHES = 5
const SHEETS = [
  { file: 'cut.pdf', name: 'Print the sheets' },
  { file: 'labels.pdf', name: 'Labels for the heaps' },
  { file: 'templates.pdf', name: 'Templates in true size' },
] as const
</script>

<template>
  <WaitNote v-if="!sheets" what="the cutting sheets" :error="error" />
  <p v-else-if="!cloth" class="m-6 card p-5">Nothing to cut yet: dress the blocks at the station Top.</p>
  <div v-else class="grid min-w-0 flex-1 max-md:grid-cols-[minmax(0,1fr)] md:grid-cols-[14rem_1fr]">
    <section class="space-y-2 p-4" aria-label="Fabrics to cut">
      <OpenProblems :quilt-id="quilt.id.value!" />
      <h1 class="panel-title">Cut in this order</h1>
      <button
        v-for="each in shared"
        :key="each.key"
        class="card flex w-full cursor-pointer items-center gap-3 p-3 text-left data-[chosen]:border-2 data-[chosen]:border-tape-deep"
        :data-chosen="each.key === sheet!.key || undefined"
        :aria-pressed="each.key === sheet!.key"
        @click="chosen = each.key"
      >
        <span class="flex shrink-0">
          <span
            v-for="one in each.cloths.slice(0, MOST_SWATCHES)"
            :key="one.key"
            class="size-5 rounded-full border border-ink/40 not-first:-ml-3"
            :style="{ background: one.colour }"
          ></span>
        </span>
        <span class="min-w-0 flex-1 leading-5 font-medium" :class="{ truncate: each.cloths.length === 1 }">{{
          each.cloths.length === 1 ? each.name : `${each.cloths.length} fabrics alike`
        }}</span>
        <span class="whitespace-nowrap">{{
          stepCount(each) ? `${doneCount(each)} / ${stepCount(each)}` : 'all cut'
        }}</span>
      </button>
      <button v-if="allCutInto.length > 1" class="button w-full" @click="putAway([])">
        Put away all that is cut, as planned
      </button>
      <RouterLink class="button button-main w-full" :to="`/quilts/${quilt.id.value}/table/cut`"
        >At the table: one step at a time</RouterLink
      >
      <AlongNote />
      <PaperLinks :quilt-id="quilt.id.value!" :sheets="SHEETS" />
      <p class="rounded-xl border border-[#d99a8f] bg-brick-pale p-3">
        <strong>Blade care.</strong> {{ sheets.caution }}
      </p>
    </section>
    <section class="min-w-0 space-y-6 bg-white p-4" :aria-label="`How ${sheet!.name} is cut`">
      <ProblemNote :problems="[...taps.problems.value, ...problems]" />
      <CutAndPutAway
        :quilt-id="quilt.id.value!"
        :already="cloth.already"
        :spare="sheets.spare"
        :last="sheets.lastPutAway"
        @refused="problems = $event"
      />
      <section
        v-if="before.length"
        class="space-y-2 rounded-xl bg-tape-pale p-3"
        aria-labelledby="before-title"
        data-before
      >
        <h2 id="before-title" class="font-bold">Cut already, for the plan as it was</h2>
        <p>These pieces lie on your table. No sheet of the plan as it is now has them.</p>
        <ul class="space-y-1">
          <li
            v-for="each in before"
            :key="each.key + each.at"
            class="flex flex-wrap items-center justify-between gap-2"
          >
            <span>{{ each.what || `cut ${new Date(each.at).toLocaleDateString()}` }}</span>
            <button
              v-if="each.key"
              class="button"
              :aria-label="`No longer there: ${each.what}`"
              @click="taps.tick(each.key, false)"
            >
              No longer there
            </button>
          </li>
        </ul>
      </section>
      <p v-if="taps.stuck.value" role="alert" class="rounded-lg bg-brick-pale p-2">
        Golden Tally does not answer just now. Ticks are kept in this browser and sent by themselves once it answers at
        this address. Go on cutting.
      </p>
      <section v-if="sheet!.cloths.length > 1" aria-labelledby="stacks-title" data-stacks>
        <h2 id="stacks-title" class="panel-title mb-1">These {{ sheet!.cloths.length }} fabrics are cut alike</h2>
        <p class="text-soft">
          Laid on one another and cut at once, to {{ sheets.layers }} layers at most (a folded length is two). You say
          how many layers you cut through under “change how I work” on the Tally.
        </p>
        <ol class="mt-1 space-y-1">
          <li v-for="(stack, i) in sheet!.stacks" :key="stack.label" class="flex items-center gap-2">
            <span class="w-16 shrink-0 font-medium">stack {{ i + 1 }}</span>
            <span
              v-for="one in stack.cloths"
              :key="one.key"
              class="flex items-center gap-1 rounded-full border border-line py-0.5 pr-2 pl-1 text-sm"
              ><span class="size-4 rounded-full border border-ink/40" :style="{ background: one.colour }"></span
              >{{ one.name }}</span
            >
          </li>
        </ol>
      </section>
      <p v-if="!cloth.pieces.length && !cloth.already.length">
        None of the fabric on the shelf gives these pieces, and no fabric of the usual width does. See the tally for a
        way out.
      </p>
      <article
        v-for="(piece, number) in cloth.pieces"
        :key="piece.title + piece.toBuy"
        class="grid gap-4 border-b border-line pb-5 lg:grid-cols-[1fr_22rem]"
      >
        <div>
          <h2 class="mb-2 text-lg font-bold">
            {{ sheet!.name }}: {{ piece.title
            }}<span v-if="sheet!.cloths.some((one) => one.pieces[number]?.toBuy)" class="font-normal text-brick">
              – to buy</span
            ><span v-if="piece.count > 1" class="font-normal text-soft">, each cut like this</span>
          </h2>
          <PieceDiagram :piece="piece" :colour="cloth.colour" :lit="litOf(number)" />
          <p class="mt-1 text-right text-sm">
            <a
              class="underline"
              :href="`/api/quilts/${quilt.id.value}/cut/${encodeURIComponent(cloth.key)}/${number}.svg`"
              target="_blank"
              rel="noopener"
              >this drawing as SVG</a
            >
          </p>
        </div>
        <div>
          <p v-if="piece.tight" class="mb-2 rounded-lg border border-[#d9b95a] bg-tape-pale p-2">
            <strong>Tight fit.</strong> Check the ruler's zero and measure the piece before the first cut.
          </p>
          <ul class="space-y-1">
            <li
              v-for="(step, i) in piece.steps"
              :key="step.key"
              class="rounded-lg border-b border-line px-2 py-2 data-[hand]:bg-tape-pale"
              :data-hand="isInHand(number, i) || undefined"
              @pointerenter="pointed = { piece: number, step: i }"
              @pointerleave="pointed = undefined"
              @focusin="pointed = { piece: number, step: i }"
              @focusout="pointed = undefined"
            >
              <label v-if="sheet!.stacks.length === 1" class="flex cursor-pointer items-start gap-3">
                <input
                  type="checkbox"
                  class="mt-0.5 size-6 shrink-0 accent-ink"
                  :checked="isAllDone(number, i)"
                  @change="tick(sheet!.stacks[0]!, number, i, ($event.target as HTMLInputElement).checked)"
                />
                <span :class="{ 'text-soft line-through': isAllDone(number, i) }"
                  >{{ step.text
                  }}<span v-if="step.running" class="block text-sm text-soft no-underline">{{
                    step.running
                  }}</span></span
                >
              </label>
              <fieldset v-else>
                <legend :class="{ 'text-soft line-through': isAllDone(number, i) }">
                  {{ step.text
                  }}<span v-if="step.running" class="block text-sm text-soft no-underline"
                    >{{ step.running }}, of each</span
                  >
                </legend>
                <div class="mt-1 flex flex-wrap gap-x-4">
                  <label
                    v-for="(stack, s) in sheet!.stacks"
                    :key="stack.label"
                    class="flex min-h-9 cursor-pointer items-center gap-2"
                    :title="stack.label"
                  >
                    <input
                      type="checkbox"
                      class="size-6 shrink-0 accent-ink"
                      :checked="isStackDone(stack, number, i)"
                      @change="tick(stack, number, i, ($event.target as HTMLInputElement).checked)"
                    />
                    stack {{ s + 1 }}<span class="sr-only">: {{ stack.label }}</span>
                  </label>
                </div>
              </fieldset>
            </li>
          </ul>
          <PutAway
            v-if="cutInto(number).length"
            :pieces="cutInto(number)"
            :unit-of-length="sheets.unitOfLength"
            @put-away="putAway"
          />
        </div>
      </article>
      <section v-if="cloth.labels.length" aria-labelledby="heaps-title">
        <h2 id="heaps-title" class="panel-title mb-1">
          Slips for the heaps{{ sheet!.cloths.length > 1 ? ', of each fabric' : '' }}
        </h2>
        <ul class="flex flex-wrap gap-2">
          <li
            v-for="label in cloth.labels"
            :key="label.letter"
            class="flex items-center gap-2 rounded-lg border border-dashed border-[#8b959c] py-1 pr-3 pl-1"
          >
            <strong class="grid size-9 place-items-center rounded bg-ink text-lg text-tape">{{ label.letter }}</strong>
            <span class="leading-5"
              >{{ label.count }} cut {{ label.size }} {{ sheets.unitOfLength
              }}<span class="block text-sm text-soft">{{ label.use }}</span></span
            >
          </li>
        </ul>
      </section>
    </section>
  </div>
</template>
