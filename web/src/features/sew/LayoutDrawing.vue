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
const arrow = (seam: Schemas['PressedSeam']) => (seam.direction === 'OPEN' && seam.fromY === seam.toY ? '↕' : ARROWS[seam.direction])
const fill = (cloth: number) => (cloth >= 0 ? props.colours[cloth] : '#e3e6e1')
const fontOf = (piece: Schemas['PlacedPiece']) => Math.min(side.value / 16, piece.width / 2.2, piece.height / 1.6)
</script>

<template>
  <svg :viewBox="`${-side * 0.02} ${-side * 0.02} ${layout.width + side * 0.04} ${layout.height + side * 0.04}`" role="img" :aria-label="`${layout.name}, laid out with numbered pieces`">
    <polygon v-for="(points, i) in layout.patches" :key="i" :points="points" :fill="fill(layout.cloths[i]!)" stroke="#17202b" stroke-opacity="0.3" :stroke-width="side / 500" />
    <g v-for="piece in layout.pieces" :key="piece.number">
      <rect :x="piece.x" :y="piece.y" :width="piece.width" :height="piece.height" fill="none" :stroke="lit?.includes(piece.number) ? '#8a5a00' : '#17202b'" :stroke-width="lit?.includes(piece.number) ? side / 70 : side / 300" />
      <circle :cx="piece.x + piece.width / 2" :cy="piece.y + piece.height / 2" :r="fontOf(piece) * 0.75" fill="#ffffff" fill-opacity="0.9" />
      <text :x="piece.x + piece.width / 2" :y="piece.y + piece.height / 2" :font-size="fontOf(piece)" text-anchor="middle" dominant-baseline="central" font-weight="700" fill="#17202b">{{ piece.number }}</text>
    </g>
    <template v-if="pressing">
      <g v-for="(seam, i) in layout.seams" :key="`s${i}`" :data-pressed="seam.direction">
        <line :x1="seam.fromX" :y1="seam.fromY" :x2="seam.toX" :y2="seam.toY" :stroke="seam.againstSchool || seam.direction === 'OPEN' ? '#a8281c' : '#17202b'" :stroke-width="side / 170" />
        <circle :cx="(seam.fromX + seam.toX) / 2" :cy="(seam.fromY + seam.toY) / 2" :r="side / 42" fill="#ffcf3f" stroke="#17202b" :stroke-width="side / 600" />
        <text :x="(seam.fromX + seam.toX) / 2" :y="(seam.fromY + seam.toY) / 2" :font-size="side / 26" text-anchor="middle" dominant-baseline="central" font-weight="700" fill="#17202b">{{ arrow(seam) }}</text>
      </g>
    </template>
  </svg>
</template>
