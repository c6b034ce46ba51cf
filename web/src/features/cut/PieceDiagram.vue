<script setup lang="ts">
import { computed } from 'vue'
import type { PieceSheet } from './queries'

export interface PieceDiagramProps {
  piece: PieceSheet
  colour: string
  /** Where the step in hand cuts. */
  lit?: readonly Place[]
}

type Place = PieceSheet['leftovers'][number]

const props = withDefaults(defineProps<PieceDiagramProps>(), { lit: () => [] })

/** Lying cloth reads better than a tall narrow one: what is much longer than wide is drawn on its side. */
const turned = computed(() => props.piece.length > 1.4 * props.piece.width)
const width = computed(() => (turned.value ? props.piece.length : props.piece.width))
const height = computed(() => (turned.value ? props.piece.width : props.piece.length))
/** About how large it is drawn, so that letters can be read from the table. */
const DRAWN_WIDE = 620
const DRAWN_HIGH = 544
const LARGEST_LETTERS = 16
const SMALLEST_LETTERS = 9
const pixel = computed(() => Math.max(width.value / DRAWN_WIDE, height.value / DRAWN_HIGH))
const font = computed(() => SMALLEST_LETTERS * pixel.value)
const rectangles = computed(() =>
  props.piece.cuts.flatMap((cut) =>
    Array.from({ length: cut.across * cut.along }, (_, i) => ({
      x: cut.x + (i % cut.across) * cut.width,
      y: cut.y + Math.floor(i / cut.across) * cut.height,
      width: cut.width,
      height: cut.height,
      letter: cut.letter,
      label: i === 0 || Math.min(cut.width, cut.height) > font.value * 4 ? `${cut.letter} ${cut.label}` : '',
    })),
  ),
)
function box(each: { x: number; y: number; width: number; height: number }) {
  return turned.value
    ? { x: each.y, y: each.x, width: each.height, height: each.width }
    : { x: each.x, y: each.y, width: each.width, height: each.height }
}
function middle(each: { x: number; y: number; width: number; height: number }) {
  const at = box(each)
  return { x: at.x + at.width / 2, y: at.y + at.height / 2 }
}
const LETTER_WIDE = 0.58
const fits = (each: { x: number; y: number; width: number; height: number }, label: string) =>
  box(each).width > label.length * font.value * LETTER_WIDE && box(each).height > font.value
/** As large as there is room for. */
function lettersFor(each: { x: number; y: number; width: number; height: number }, label: string) {
  const at = box(each)
  const room = Math.min(at.width / ((label.length + 1) * LETTER_WIDE), at.height * 0.7)
  return Math.max(font.value, Math.min(LARGEST_LETTERS * pixel.value, room))
}
</script>

<template>
  <svg
    :viewBox="`-0.3 -0.3 ${width + 0.6} ${height + 0.6}`"
    class="max-h-[34rem] w-full"
    role="img"
    :aria-label="`How ${piece.title} is cut, to scale`"
  >
    <rect :width="width" :height="height" fill="white" stroke="#17202b" :stroke-width="font / 8" />
    <g v-for="(rest, i) in piece.leftovers" :key="`r${i}`">
      <rect v-bind="box(rest)" fill="#fafaf5" stroke="#8b959c" :stroke-width="font / 14" :stroke-dasharray="font / 2" />
      <text
        v-if="fits(rest, `left ${rest.label}`)"
        v-bind="middle(rest)"
        :font-size="lettersFor(rest, `left ${rest.label}`)"
        text-anchor="middle"
        dominant-baseline="middle"
        fill="#4d5966"
      >
        left {{ rest.label }}
      </text>
    </g>
    <rect v-for="(cut, i) in rectangles" :key="`c${i}`" v-bind="box(cut)" :fill="colour" fill-opacity="0.4" />
    <rect v-for="(place, i) in lit" :key="`l${i}`" v-bind="box(place)" fill="#ffcf3f" data-lit />
    <g v-for="(cut, i) in rectangles" :key="i">
      <rect v-bind="box(cut)" fill="none" stroke="#17202b" :stroke-width="font / 12" />
      <text
        v-if="cut.label && fits(cut, cut.label)"
        v-bind="middle(cut)"
        :font-size="lettersFor(cut, cut.label)"
        text-anchor="middle"
        dominant-baseline="middle"
        fill="#17202b"
      >
        {{ cut.label }}
      </text>
      <text
        v-else-if="fits(cut, cut.letter)"
        v-bind="middle(cut)"
        :font-size="lettersFor(cut, cut.letter)"
        text-anchor="middle"
        dominant-baseline="middle"
        fill="#17202b"
      >
        {{ cut.letter }}
      </text>
    </g>
    <rect
      v-for="(place, i) in lit"
      :key="`o${i}`"
      v-bind="box(place)"
      fill="none"
      stroke="#17202b"
      :stroke-width="font / 4"
    />
  </svg>
</template>
