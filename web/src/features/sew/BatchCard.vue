<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, watch } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import type { Entry, withTaps } from '@/features/bench'
import { AWord } from '@/features/help'
import { ProblemNote, spellCount, StepDrawing, TallyMarks, TopPicture } from '@/shared'
import { counted } from './counted'
import CountTyped from './CountTyped.vue'
import LayoutDrawing from './LayoutDrawing.vue'
import type { Batch, Card } from './queries'

export interface BatchCardProps {
  quiltId: string
  batch: Batch
  card: Card
  /** The colour of each cloth of the quilt, in order. */
  colours: readonly string[]
  /** What their patches are filled with: their colours, or their prints. */
  paints: readonly string[]
  /** Their names, in the same order. */
  clothNames: readonly string[]
  top: Schemas['TopView'] | undefined
  /** What is counted, with taps that the server has not confirmed yet. */
  counts: ReturnType<typeof withTaps>
  /** Whether taps wait because nobody answers. */
  stuck: boolean
}

const props = defineProps<BatchCardProps>()
const emit = defineEmits<{ written: [entry: Omit<Entry, 'id'>]; extraPlanned: [choiceKey: string, units: number] }>()

/** Units, or halves that are crossed to units later. */
const isUnits = computed(() => props.batch.kind === 'UNITS' || props.batch.kind === 'HALVES')
/** A strip is long and low: its drawing has the whole width. */
const isOfStrips = computed(() => props.batch.kind === 'SASHING' || props.batch.kind === 'BORDER')
const things = computed(() => (props.batch.kind === 'HALVES' ? 'halves' : 'units'))
const thing = computed(() => (props.batch.kind === 'HALVES' ? 'half' : 'unit'))
const sort = computed(() => props.batch.setName)
const ROLES = ['A', 'B', 'C', 'D'] as const
const colourOf = (cloth: number | undefined) => (cloth !== undefined && cloth >= 0 ? props.colours[cloth]! : '#d3d8d2')
const paintFor = (cloth: number | undefined) => (cloth !== undefined && cloth >= 0 ? props.paints[cloth]! : '#d3d8d2')
const rightSides = computed(() => Object.fromEntries(ROLES.map((role, i) => [role, paintFor(props.card.roles[i])])))
/** The wrong side of a print is paler. */
const wrongSides = computed(() =>
  Object.fromEntries(ROLES.map((role, i) => [role, `color-mix(in srgb, ${colourOf(props.card.roles[i])} 55%, white)`])),
)
const lit = computed(() => {
  const wanted = new Set(props.card.partIds)
  return props.top?.picture.parts.flatMap((part, i) => (wanted.has(part.id) ? [i] : [])) ?? []
})

function write(kind: Entry['kind'], hand = '', text = '') {
  emit('written', { kind, batch: props.batch.key, hand, text })
}
const typing = ref(false)
const soFar = computed(() => {
  const { setsMade, setsSpoiled, spoiled } = props.counts
  return [
    spellCount(setsMade, sort.value, `${sort.value}s`),
    spoiled ? `${spellCount(spoiled, thing.value, things.value)} spoiled` : '',
    setsSpoiled ? `${spellCount(setsSpoiled, sort.value, `${sort.value}s`)} spoiled` : '',
  ].filter(Boolean)
})
/** What is sewn one by one is often tallied when all are done. */
const MOST_AT_ONCE = 60
const open = computed(() => Math.max(0, props.batch.needed - props.counts.good))
const writeAll = () => writeCounted(open.value, 0)
/** A typed count is one entry, taken back by one press. */
function writeCounted(made: number, spoiled: number) {
  emit('written', counted(props.batch.key, made, spoiled))
}
const BUTTONS = computed(() => [
  {
    key: '1',
    label: `One more ${sort.value}`,
    act: () => write('SET_MADE'),
    main: true,
  },
  ...(props.batch.handed
    ? [
        { key: '2', label: 'Spoiled a left one', act: () => write('UNIT_SPOILED', 'left'), main: false },
        { key: '4', label: 'Spoiled a right one', act: () => write('UNIT_SPOILED', 'right'), main: false },
      ]
    : [
        {
          key: '2',
          label: `Spoiled one ${isUnits.value ? thing.value : sort.value}`,
          act: () => write('UNIT_SPOILED'),
          main: false,
        },
      ]),
  ...(props.batch.perSet > 1
    ? [{ key: '3', label: `Spoiled a whole ${sort.value}`, act: () => write('SET_SPOILED'), main: false }]
    : []),
  ...(props.batch.perSet === 1 && open.value > 1 && open.value <= MOST_AT_ONCE
    ? [{ key: '5', label: `All ${open.value} made`, act: writeAll, main: false }]
    : []),
  { key: '0', label: 'Take back', act: () => write('TAKE_BACK'), main: false },
])
function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
  if (
    event.target instanceof HTMLInputElement ||
    event.target instanceof HTMLTextAreaElement ||
    event.target instanceof HTMLSelectElement
  )
    return
  const button = BUTTONS.value.find((each) => each.key === event.key)
  if (!button) return
  event.preventDefault()
  button.act()
}
onMounted(() => window.addEventListener('keydown', onKey))
onUnmounted(() => window.removeEventListener('keydown', onKey))

const note = ref('')
function keepNote() {
  if (!note.value.trim()) return
  write('NOTE', '', note.value.trim())
  note.value = ''
}

const measured = ref('')
const firstUnit = ref<Schemas['FirstUnitView']>()
const problems = ref<Problem[]>([])
watch(
  () => props.batch.key,
  () => {
    measured.value = ''
    firstUnit.value = undefined
    problems.value = []
  },
)
/** The answer belongs to the batch that was measured, whichever is open when it comes. */
async function checkFirst() {
  const batch = props.batch.key
  const size = measured.value
  try {
    const unit = await call('POST', '/api/quilts/{id}/sew/first-unit', {
      path: { id: props.quiltId },
      body: { batch, measured: size },
    })
    emit('written', { kind: 'MEASURE', batch, hand: '', text: `${size}: ${unit.advice}`.slice(0, 2000) })
    if (batch !== props.batch.key) return
    firstUnit.value = unit
    problems.value = []
  } catch (thrown) {
    if (batch !== props.batch.key) return
    firstUnit.value = undefined
    problems.value = problemsOf(thrown)
  }
}
const time = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' })
</script>

<template>
  <article class="space-y-4" :aria-label="batch.title" :data-batch="batch.key">
    <header>
      <p class="text-soft first-letter:uppercase">{{ batch.subtitle }}</p>
      <h2 class="text-2xl font-bold first-letter:uppercase">{{ batch.title }}</h2>
    </header>

    <section class="sticky top-0 z-10 space-y-2 bg-paper py-2" aria-label="Tally">
      <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
        <div class="min-w-36 flex-1">
          <p class="flex items-baseline gap-2">
            <strong class="text-5xl tabular-nums" data-good>{{ counts.good }}</strong><span class="text-lg"
              >of {{ batch.needed }} made</span
            >
          </p>
          <TallyMarks :count="counts.setsMade" />
        </div>
        <div class="flex flex-wrap gap-2 max-lg:w-full">
          <button
            v-for="button in BUTTONS"
            :key="button.key"
            class="button"
            :class="
              button.main
                ? 'button-main min-h-18 px-6 text-xl max-lg:basis-full'
                : 'min-h-18 max-w-32 px-3 leading-5 max-lg:flex-1'
            "
            :data-tap="button.key"
            :aria-keyshortcuts="button.key"
            :title="`Key ${button.key}`"
            @click="button.act()"
          >
            {{ button.label }}
          </button>
          <button
            v-if="!batch.handed"
            class="button min-h-18 px-3 max-lg:flex-1"
            :aria-expanded="typing"
            @click="typing = !typing"
          >
            Several …
          </button>
        </div>
      </div>
      <p class="text-sm text-soft">
        {{ soFar.join(', ')
        }}<template v-if="batch.perSet > 1">. Each {{ sort }} gives {{ batch.perSet }} {{ things }}.</template>
        <span v-if="counts.unconfirmed" class="block" data-unconfirmed
          >{{ spellCount(counts.unconfirmed, 'tap', 'taps') }} not confirmed yet</span
        >
      </p>
      <CountTyped
        v-if="typing && !batch.handed"
        :key="batch.key"
        :sets="`${sort}s`"
        :things="isUnits ? things : `${sort}s`"
        :left="batch.setsLeft"
        @counted="writeCounted"
      />
      <p v-if="stuck && counts.unconfirmed" role="alert" class="rounded-lg bg-brick-pale p-2">
        {{ spellCount(counts.unconfirmed, 'tap waits', 'taps wait') }} to be kept: Golden Tally does not answer just
        now. They are counted here and sent by themselves once it answers at this address. Go on sewing.
      </p>
      <div class="rounded-lg p-2" :class="card.covered ? 'bg-tape-pale' : 'bg-brick-pale'" role="status" data-left>
        <p>{{ card.left.join(' ') }}</p>
        <ul v-if="card.ways.length" class="mt-1 list-disc pl-5">
          <li v-for="way in card.ways" :key="way" class="first-letter:uppercase">{{ way }}.</li>
        </ul>
        <button
          v-if="batch.beyondPlan && batch.choiceKey"
          class="button mt-2"
          @click="emit('extraPlanned', batch.choiceKey, batch.extraWanted)"
        >
          Put {{ spellCount(batch.beyondPlan, `more ${sort}`, `more ${sort}s`) }} on the cutting sheets
        </button>
      </div>
    </section>

    <p v-if="card.handling" role="note" class="rounded-lg bg-brick-pale p-3" data-handling>
      <strong><AWord word="Bias edges" />.</strong> {{ card.handling }}
    </p>

    <section v-if="card.chain.length" class="card p-3" aria-label="Order of the squares" data-chain>
      <h3 class="font-bold">Lay the squares in this order, and join each to the next</h3>
      <ol class="mt-2 flex flex-wrap gap-2">
        <li
          v-for="(cloth, i) in card.chain"
          :key="i"
          class="flex items-center gap-2 rounded-lg border border-line bg-white py-1 pr-3 pl-1"
        >
          <span
            class="grid size-9 place-items-center rounded border border-line"
            :style="{ background: colourOf(cloth) }"
            ><span class="rounded bg-white px-1 text-sm font-bold tabular-nums">{{ i + 1 }}</span></span
          >{{ clothNames[cloth] ?? 'not dressed' }}
        </li>
      </ol>
    </section>

    <ol v-if="card.order.length" class="card space-y-2 p-3" aria-label="In this order">
      <li v-for="(step, i) in card.order" :key="step" class="flex gap-3">
        <strong class="tabular-nums">{{ i + 1 }}</strong><span>{{ step }}</span>
      </li>
    </ol>

    <h3 v-if="card.steps.length && card.rest.length" class="text-lg font-bold">Make one, right through</h3>
    <ol v-if="card.steps.length" class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3" aria-label="Steps">
      <li v-for="(step, i) in card.steps" :key="i" class="card flex flex-col p-3">
        <StepDrawing :step="step" :colours="rightSides" :wrong-sides="wrongSides" class="h-36 w-full" />
        <h3 class="mt-2 font-bold">{{ i + 1 }} · {{ step.title }}</h3>
        <p>{{ step.text }}</p>
        <p v-if="step.caution" class="mt-2 rounded bg-brick-pale px-2 py-1 text-[15px]">{{ step.caution }}</p>
      </li>
    </ol>

    <section v-if="card.checks.length" aria-label="Sizes to check" class="flex flex-wrap gap-2">
      <p v-for="check in card.checks" :key="check.name" class="rounded-lg border border-line bg-white px-3 py-2">
        <span class="block text-sm text-soft first-letter:uppercase"><AWord :word="check.name" /></span
        ><strong>{{ check.size }}</strong>
      </p>
    </section>

    <form
      v-if="batch.kind === 'UNITS' && card.checks.length"
      class="card flex flex-wrap items-end gap-2 p-3"
      @submit.prevent="checkFirst"
    >
      <label class="min-w-56 flex-1"
        ><span class="mb-1 block font-medium">First unit measured, raw, before trimming</span
        ><input v-model="measured" class="field w-full" :placeholder="card.checks[0]!.size.split(' × ')[0]"
      /></label>
      <button class="button">What does that mean?</button>
      <p
        v-if="firstUnit"
        role="status"
        class="w-full rounded-lg p-2"
        :class="firstUnit.goOn ? 'bg-tape-pale' : 'bg-brick-pale'"
        data-first-unit
      >
        {{ firstUnit.advice }}.
      </p>
      <ProblemNote class="w-full" :problems="problems" />
    </form>

    <section v-if="card.rest.length && isUnits" class="card p-3" aria-labelledby="rest-title" data-rest>
      <h3 id="rest-title" class="text-lg font-bold">Is it right? Then the rest</h3>
      <ol class="mt-2 space-y-2">
        <li v-for="(step, i) in card.rest" :key="step" class="flex gap-3">
          <strong class="tabular-nums">{{ i + 1 }}</strong><span>{{ step }}</span>
        </li>
      </ol>
    </section>

    <section
      v-if="card.layouts.length"
      class="scroll-mt-52 space-y-4 rounded-xl border border-line bg-white p-3"
      :aria-label="isUnits ? 'Where it sits' : 'How it is joined'"
    >
      <div
        v-for="(layout, i) in card.layouts"
        :key="layout.name"
        class="grid gap-4 border-line"
        :class="[
          {
            'lg:grid-cols-[minmax(0,30rem)_1fr]': batch.kind === 'ROWS',
            'md:grid-cols-[minmax(0,22rem)_1fr]': batch.kind !== 'ROWS' && !isOfStrips,
          },
          { 'border-t pt-4': i > 0 },
        ]"
      >
        <LayoutDrawing
          :layout="layout"
          :colours="paints"
          :lit="card.litPieces"
          :pressing="!isUnits"
          class="max-h-[36rem] w-full self-start"
        />
        <div class="space-y-2">
          <h3 class="font-bold">
            {{ isUnits ? `Where it sits in ${layout.name}` : `Lay out and join ${layout.name}` }}
          </h3>
          <p v-if="isUnits">
            <template v-if="card.litPieces.length"
              >Framed: {{ card.litPieces.join(', ') }}. Each is turned as in the picture when it is sewn in.</template
            >
          </p>
          <template v-else>
            <ol v-if="i === 0" class="space-y-1">
              <li v-for="join in layout.joins" :key="join">{{ join }}.</li>
            </ol>
            <p v-if="i === 0" class="text-soft">
              Arrows: the side to which each seam is pressed, seen from the right side of the fabric; ↔ and ↕ are
              pressed open. Lay one out, compare it with the picture, and sew it right through.
            </p>
            <template v-if="i === 0 && card.rest.length">
              <h4 class="font-bold">Then the rest</h4>
              <ol class="list-decimal space-y-1 pl-6" data-rest>
                <li v-for="step in card.rest" :key="step">{{ step }}</li>
              </ol>
            </template>
            <p class="sr-only">Press the seams {{ layout.presses.join('; ') }}.</p>
            <p v-for="each in layout.notes" :key="each" class="rounded-lg bg-tape-pale p-2">{{ each }}</p>
          </template>
          <p v-if="i === 0" class="rounded bg-brick-pale px-2 py-1 text-[15px]">
            Pins out before the needle. Fingers clear of the iron's point and of hot steam. Press, don't slide. The
            makers' instructions come first.
          </p>
        </div>
      </div>
      <div v-if="top && lit.length && batch.kind !== 'ROWS'" class="h-44">
        <TopPicture :picture="top.picture" :colours="paints" :lit="lit" label="Where it goes in the top" />
      </div>
    </section>

    <section
      v-else-if="top && lit.length"
      class="rounded-xl border border-line bg-white p-3"
      aria-label="Where it goes"
    >
      <div class="h-64">
        <TopPicture :picture="top.picture" :colours="paints" :lit="lit" label="Where it goes in the top" />
      </div>
      <p class="mt-2 rounded bg-brick-pale px-2 py-1 text-[15px]">
        Pins out before the needle. Fingers clear of the iron's point and of hot steam. Press, don't slide. The makers'
        instructions come first.
      </p>
    </section>

    <details v-if="card.mishaps.length" class="card p-3" data-mishaps>
      <summary class="cursor-pointer font-bold">If it comes out wrong</summary>
      <dl class="mt-2 divide-y divide-line">
        <div v-for="each in card.mishaps" :key="each.seen" class="py-2">
          <dt class="font-medium">{{ each.seen }}</dt>
          <dd class="text-soft first-letter:uppercase">{{ each.cause }}.</dd>
          <dd class="first-letter:uppercase">{{ each.mend }}.</dd>
        </div>
      </dl>
    </details>

    <section class="card space-y-2 p-3" aria-label="Notes and log of this card">
      <form class="flex flex-wrap gap-2" @submit.prevent="keepNote">
        <label class="min-w-56 flex-1"
          ><span class="sr-only">Note on this card</span
          ><input v-model="note" class="field w-full" maxlength="2000" placeholder="A note on this card"
        /></label>
        <button class="button">Keep the note</button>
      </form>
      <ul class="max-h-56 overflow-y-auto" tabindex="0" aria-label="Log of this card, newest first">
        <li
          v-for="line in card.log"
          :key="line.id"
          class="flex gap-3 border-b border-line py-1"
          :class="{ 'text-soft line-through': line.takenBack }"
        >
          <span class="w-32 shrink-0 text-sm text-soft">{{ time(line.at) }}</span><span
            class="first-letter:uppercase"
            >{{ line.text }}</span
          >
        </li>
      </ul>
      <p v-if="!card.log.length" class="text-soft">
        Nothing yet. Every tap is kept here with its time. What is taken back is crossed out, not lost.
      </p>
    </section>
  </article>
</template>
