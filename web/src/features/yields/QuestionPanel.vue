<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import { ProblemNote, RULERS } from '@/shared'
import { type Question, USUAL, useUnitKinds } from './useYieldQuestion'

export interface QuestionPanelProps {
  /** The question, changed in place as it is typed. */
  question: Question
  /** The sizes to slide through. */
  limits?: Schemas['Limits']
  /** What is the matter with the question. */
  problems: readonly Problem[]
}

const props = defineProps<QuestionPanelProps>()
// The question is the page's one piece of state; the panel is its editor.
const q = computed(() => props.question)
const { data: kinds } = useUnitKinds()
const kind = computed(() => kinds.value?.find((each) => each.kind === q.value.unit.kind))
const further = computed(() =>
  kind.value && (kind.value.countLabel || kind.value.hasHeight || kind.value.hasCorner) ? kind.value : undefined,
)

const PIECES = {
  INCH: [
    '10 in square',
    '5 in square',
    '2 1/2 strip 42',
    'fat quarter',
    'fat eighth',
    '1/2 yd 40 wide',
    '9 x 13 scrap',
  ],
  CENTIMETRE: [
    '25 cm square',
    '12.5 cm square',
    '6 cm strip 105',
    'fat quarter',
    'fat eighth',
    '0.5 m 105 wide',
    '22 x 33 scrap',
  ],
}
const SCHOOLS = [
  { key: 'EXACT', label: 'exact' },
  { key: 'TRIM', label: 'trim' },
  { key: 'ROOMY', label: 'roomy' },
] as const

const unitOfLength = computed(() => (q.value.settings.system === 'INCH' ? 'in' : 'cm'))
/** Where the slider stands; sizes off the grid stand nowhere. */
const slot = computed(() => props.limits?.sizes.indexOf(q.value.unit.size.trim()) ?? -1)
const wrong = (place: string) => props.problems.some((problem) => problem.where.startsWith(place))

function choose(kind: Question['unit']['kind']) {
  q.value.unit.kind = kind
  const counts = kinds.value?.find((each) => each.kind === kind)?.counts
  if (counts?.length && !counts.includes(q.value.unit.count)) q.value.unit.count = counts[0]!
}

function changeSystem(system: Question['settings']['system']) {
  const usual = USUAL[system]
  q.value.settings = { ...q.value.settings, system, seam: usual.seam, grid: usual.grid }
  q.value.piece = usual.piece
  q.value.unit = { ...q.value.unit, size: usual.size, height: '', corner: usual.corner }
}

function want(event: Event) {
  const typed = (event.target as HTMLInputElement).value.trim()
  q.value.wanted = /^\d{1,7}$/.test(typed) ? Number(typed) : 0
}
</script>

<template>
  <form class="space-y-4 p-4 md:sticky md:top-0 md:h-fit" aria-label="Question" @submit.prevent>
    <h2 class="panel-title">What does it give? What do I need?</h2>
    <div>
      <label for="piece" class="mb-1 block font-medium">One piece, as you would say it</label>
      <input
        id="piece"
        v-model="q.piece"
        class="field w-full text-lg"
        autocomplete="off"
        :aria-invalid="wrong('Piece')"
      />
      <div class="mt-2 flex flex-wrap gap-1.5">
        <button
          v-for="piece in PIECES[q.settings.system]"
          :key="piece"
          type="button"
          class="button min-h-9 px-2.5 text-[15px]"
          :aria-pressed="q.piece === piece"
          @click="q.piece = piece"
        >
          {{ piece }}
        </button>
      </div>
    </div>

    <div>
      <label for="unit-kind" class="mb-1 block font-medium">Unit</label>
      <select
        id="unit-kind"
        class="field w-full"
        :value="q.unit.kind"
        @change="choose(($event.target as HTMLSelectElement).value as Question['unit']['kind'])"
      >
        <option v-for="each in kinds" :key="each.kind" :value="each.kind">{{ each.label }}</option>
      </select>
    </div>
    <div v-if="further" class="grid grid-cols-2 gap-3">
      <label v-if="further.countLabel"
        ><span class="mb-1 block font-medium first-letter:uppercase">{{ further.countLabel }}</span>
        <select v-model.number="q.unit.count" class="field w-full">
          <option v-for="count in further.counts" :key="count" :value="count">{{ count }}</option>
        </select></label
      >
      <label v-if="further.hasHeight"
        ><span class="mb-1 block font-medium">Height, finished</span>
        <input
          v-model="q.unit.height"
          class="field w-full"
          placeholder="as wide"
          autocomplete="off"
          :aria-invalid="wrong('Finished height')"
      /></label>
      <label v-if="further.hasCorner"
        ><span class="mb-1 block font-medium">Corner, finished</span>
        <input v-model="q.unit.corner" class="field w-full" autocomplete="off" :aria-invalid="wrong('Finished corner')"
      /></label>
    </div>

    <div>
      <label for="unit-size" class="mb-1 block font-medium"
        >Size, {{ kind?.sizeLabel ?? 'finished' }}, {{ unitOfLength }}</label
      >
      <input
        id="unit-size"
        v-model="q.unit.size"
        class="field w-full text-lg font-bold"
        autocomplete="off"
        :aria-invalid="wrong('Size')"
      />
      <input
        v-if="limits && limits.sizes.length > 1"
        type="range"
        class="mt-3 w-full accent-[#8a5a00]"
        min="0"
        :max="limits.sizes.length - 1"
        :value="slot < 0 ? 0 : slot"
        :aria-valuetext="`${q.unit.size} ${unitOfLength} finished`"
        aria-label="Slide the finished size"
        @input="q.unit.size = limits!.sizes[Number(($event.target as HTMLInputElement).value)]!"
      />
      <p v-if="limits && limits.sizes.length > 1" class="flex justify-between text-sm text-soft">
        <span>{{ limits.sizes[0] }}</span><span>{{ limits.sizes.at(-1) }} {{ unitOfLength }} finished at most</span>
      </p>
    </div>

    <label class="block"
      ><span class="mb-1 block font-medium">Units needed (may stay empty)</span>
      <input class="field w-full" inputmode="numeric" :value="q.wanted || ''" autocomplete="off" @input="want"
    /></label>

    <fieldset>
      <legend class="mb-1 font-medium">School of allowance</legend>
      <div class="grid grid-cols-3 gap-1">
        <label
          v-for="school in SCHOOLS"
          :key="school.key"
          class="button data-[on]:bg-ink data-[on]:text-tape has-focus-visible:outline-3"
          :data-on="q.settings.allowance === school.key || undefined"
        >
          <input v-model="q.settings.allowance" type="radio" :value="school.key" class="sr-only" />{{ school.label }}
        </label>
      </div>
    </fieldset>
    <div class="grid grid-cols-3 gap-2">
      <label
        ><span class="mb-1 block font-medium">Seam</span
        ><input v-model="q.settings.seam" class="field w-full" autocomplete="off" :aria-invalid="wrong('Seam')"
      /></label>
      <label
        ><span class="mb-1 block font-medium">Ruler</span>
        <select v-model="q.settings.grid" class="field w-full">
          <option v-for="each in RULERS[q.settings.system]" :key="each.grid" :value="each.grid">
            {{ each.label }}
          </option>
        </select></label
      >
      <label
        ><span class="mb-1 block font-medium">Measure</span>
        <select
          class="field w-full"
          :value="q.settings.system"
          @change="changeSystem(($event.target as HTMLSelectElement).value as Question['settings']['system'])"
        >
          <option value="INCH">inch</option>
          <option value="CENTIMETRE">cm</option>
        </select></label
      >
    </div>
    <ProblemNote :problems="problems" />
    <RouterLink to="/yields/chart" class="button w-full">Size chart to print</RouterLink>
  </form>
</template>
