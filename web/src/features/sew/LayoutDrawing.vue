<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface LayoutDrawingProps {
  layout: Schemas['LayoutPicture']
  /** The colour of each cloth of the quilt, in order. */
  colours: readonly string[]
  /** Pieces to point out, by their numbers. */
  lit?: readonly number[]
  /** Whether to show which way seams are pressed. */
  pressing?: boolean
}

const props = defineProps<LayoutDrawingProps>()
const side = computed(() => Math.max(props.layout.width, props.layout.height))
const ARROWS: Record<string, string> = { LEFT: '←', RIGHT: '→', UP: '↑', DOWN: '↓', OPEN: '↔' }
const arrow = (seam: Schemas['PressedSeam']) =>
  seam.direction === 'OPEN' && seam.fromY === seam.toY ? '↕' : ARROWS[seam.direction]
const fill = (cloth: number) => (cloth >= 0 ? props.colours[cloth] : '#e3e6e1')
const labelOf = (piece: Schemas['PlacedPiece']) => `${piece.number}${piece.way}`
const longest = computed(() => Math.max(...props.layout.pieces.map((piece) => labelOf(piece).length)))
/** Pieces of a size have numbers of a size; a triangle has less room than its box, and a block among others only a corner. */
const fontOf = (piece: Schemas['PlacedPiece']) =>
  Math.min(side.value / 16, piece.width / (0.8 * longest.value + 1), piece.height / 2) *
  (piece.labelX - piece.x < 0.4 * piece.width || piece.outline.split(' ').length === 3 ? 0.7 : 1)
/** Arrows are small enough to leave the numbers beside them readable. */
const arrowRadius = computed(() =>
  Math.min(side.value / 42, ...props.layout.pieces.map((piece) => Math.max(piece.width, piece.height) / 8)),
)

const arrowAt = (seam: Schemas['PressedSeam']) => ({ x: (seam.fromX + seam.toX) / 2, y: (seam.fromY + seam.toY) / 2 })
const labels = computed(() =>
  props.layout.pieces.map((piece) => ({ x: piece.labelX, y: piece.labelY, text: labelOf(piece), font: fontOf(piece) })),
)
</script>

<template>
  <svg
    :viewBox="`${-side * 0.02} ${-side * 0.02} ${layout.width + side * 0.04} ${layout.height + side * 0.04}`"
    role="img"
    :aria-label="`${layout.name}, laid out with numbered pieces`"
  >
    <polygon
      v-for="(points, i) in layout.patches"
      :key="i"
      :points="points"
      :fill="fill(layout.cloths[i]!)"
      stroke="#17202b"
      stroke-opacity="0.3"
      :stroke-width="side / 500"
    />
    <polygon
      v-for="piece in layout.pieces"
      :key="`p${piece.number}`"
      :points="piece.outline"
      fill="none"
      :stroke="lit?.includes(piece.number) ? '#8a5a00' : '#17202b'"
      :stroke-width="lit?.includes(piece.number) ? side / 70 : side / 300"
    />
    <template v-if="pressing">
      <line
        v-for="(seam, i) in layout.seams"
        :key="`l${i}`"
        :x1="seam.fromX"
        :y1="seam.fromY"
        :x2="seam.toX"
        :y2="seam.toY"
        :stroke="seam.againstSchool || seam.direction === 'OPEN' ? '#a8281c' : '#17202b'"
        :stroke-width="side / 170"
      />
    </template>
    <g v-for="label in labels" :key="label.text">
      <rect
        :x="label.x - label.font * (0.35 * label.text.length + 0.25)"
        :y="label.y - label.font * 0.7"
        :width="label.font * (0.7 * label.text.length + 0.5)"
        :height="label.font * 1.4"
        :rx="label.font * 0.7"
        fill="#ffffff"
        fill-opacity="0.9"
      />
      <text
        :x="label.x"
        :y="label.y"
        :font-size="label.font"
        text-anchor="middle"
        dominant-baseline="central"
        font-weight="700"
        fill="#17202b"
      >
        {{ label.text }}
      </text>
    </g>
    <template v-if="pressing">
      <g v-for="(seam, i) in layout.seams" :key="`s${i}`" :data-pressed="seam.direction">
        <circle
          :cx="arrowAt(seam).x"
          :cy="arrowAt(seam).y"
          :r="arrowRadius"
          fill="#ffcf3f"
          stroke="#17202b"
          :stroke-width="side / 600"
        />
        <text
          :x="arrowAt(seam).x"
          :y="arrowAt(seam).y"
          :font-size="arrowRadius * 1.6"
          text-anchor="middle"
          dominant-baseline="central"
          font-weight="700"
          fill="#17202b"
        >
          {{ arrow(seam) }}
        </text>
      </g>
    </template>
  </svg>
</template>
