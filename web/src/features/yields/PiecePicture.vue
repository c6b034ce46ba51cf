<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { ROLE_COLOURS } from './colours'

export interface PiecePictureProps {
  /** The answer, for the size of the piece. */
  yields: Schemas['YieldView']
  /** The part of the unit whose pieces are cut from it. */
  part: Schemas['PartView']
  /** Which part that is: 0 is the first cloth. */
  role: number
}

const props = defineProps<PiecePictureProps>()
const fill = computed(() => ROLE_COLOURS['ABCD'[props.role] ?? 'A'])
/** A long piece lies on its side, so that the picture keeps a size one can read. */
const lying = computed(() => props.yields.pieceLength > 1.6 * props.yields.pieceWidth)
const box = computed(() => {
  const { pieceWidth: w, pieceLength: l } = props.yields
  return lying.value ? `0 0 ${l} ${w}` : `0 0 ${w} ${l}`
})
const stroke = computed(() => Math.max(props.yields.pieceWidth, props.yields.pieceLength) / 160)
const place = (rect: Schemas['Box']) =>
  lying.value
    ? { x: rect.y, y: rect.x, width: rect.height, height: rect.width }
    : { x: rect.x, y: rect.y, width: rect.width, height: rect.height }
/** A block of equal pieces, and the lines that part them. */
function block(cuts: Schemas['Cuts']) {
  const width = cuts.pieceWidth * cuts.across
  const height = cuts.pieceHeight * cuts.along
  const rect = place({ x: cuts.x, y: cuts.y, width, height, text: '' })
  const columns = lying.value ? cuts.along : cuts.across
  const rows = lying.value ? cuts.across : cuts.along
  const down = Array.from(
    { length: columns - 1 },
    (_, i) => `M${rect.x + (rect.width * (i + 1)) / columns} ${rect.y}v${rect.height}`,
  )
  const across = Array.from(
    { length: rows - 1 },
    (_, i) => `M${rect.x} ${rect.y + (rect.height * (i + 1)) / rows}h${rect.width}`,
  )
  return { rect, lines: [...down, ...across].join('') }
}
const blocks = computed(() => props.part.cuts.map(block))
const label = computed(
  () =>
    `${props.yields.piece}: ${props.part.perPiece} × ${props.part.cut} ${props.yields.unitOfLength} cut; left ${props.part.left || 'nothing to keep'}`,
)
</script>

<template>
  <svg :viewBox="box" role="img" :aria-label="label" class="max-h-56 overflow-visible">
    <rect
      x="0"
      y="0"
      :width="lying ? yields.pieceLength : yields.pieceWidth"
      :height="lying ? yields.pieceWidth : yields.pieceLength"
      fill="#dfe3de"
      stroke="#17202b"
      :stroke-width="stroke"
    />
    <rect
      v-for="(rest, i) in part.leftovers"
      :key="`l${i}`"
      v-bind="place(rest)"
      fill="#ffffff"
      stroke="#6b757d"
      :stroke-width="stroke / 2"
      :stroke-dasharray="`${stroke * 3} ${stroke * 2}`"
    />
    <g v-for="(cut, i) in blocks" :key="`c${i}`" stroke="#17202b" :stroke-width="stroke / 2">
      <rect v-bind="cut.rect" :fill="fill" />
      <path :d="cut.lines" fill="none" />
    </g>
  </svg>
</template>
