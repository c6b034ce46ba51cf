<script setup lang="ts">
import { computed, useId } from 'vue'
import { paintOf } from '@/features/prints'
import { type Lot, lying } from './shelfDrawing'

export interface LotPictureProps {
  lot: Lot
}

const props = defineProps<LotPictureProps>()
const id = useId()

/** All of the shelf to one scale, in inches; what is larger is drawn as large as the place (our own). */
const WIDTH = 14
const HEIGHT = 9.5
const FOLD = 1.3
const QUARTER_YARD = 9
const MOST_FOLDS = 6
const MOST_IN_A_FAN = 9
const FAN = 110

/** Prints of a pack, spread like a hand of cards. */
const fan = computed(() => {
  const colours = props.lot.cloths.slice(0, MOST_IN_A_FAN).map(({ colour, print }) => paintOf(colour, print))
  return props.lot.cloths.length > 1
    ? colours.map((colour, i) => ({ colour, turn: FAN * (i / Math.max(1, colours.length - 1) - 0.5) }))
    : []
})
const cloth = computed(() => props.lot.cloths[0]!)
const largest = computed(() =>
  cloth.value.lines.toSorted((a, b) => b.piece.width * b.piece.length - a.piece.width * a.piece.length).at(0),
)
const form = computed(() => largest.value?.piece.form)
/** Lengths lie folded, two folds for half a yard; fat quarters one above the other. */
const folds = computed(() => {
  const line = largest.value
  if (!line) return []
  const many = line.piece.form === 'YARDAGE' ? line.count * Math.ceil(line.piece.length / QUARTER_YARD / 2) : line.count
  const width = Math.min(WIDTH - 1, line.piece.form === 'YARDAGE' ? line.piece.width / 3.4 : 8)
  return Array.from({ length: Math.min(MOST_FOLDS, many) }, (_, i) => ({
    x: (WIDTH - width) / 2,
    y: HEIGHT - (i + 1) * (FOLD + 0.1),
    width,
  }))
})
/** Squares and scraps lie flat, one a little beside the other. */
const flat = computed(() => {
  const line = largest.value
  if (!line) return []
  const { width, height, layers } = lying(line.piece, line.count)
  const scale = Math.min(1, (HEIGHT - 1) / Math.max(width, height))
  return Array.from({ length: Math.min(3, layers) }, (_, i) => ({
    x: (WIDTH - width * scale) / 2 + 0.4 - 0.4 * i,
    y: HEIGHT - height * scale - 0.8 + 0.4 * i,
    width: width * scale,
    height: height * scale,
  }))
})
const fill = computed(() => (cloth.value.photographed ? `url(#${id})` : paintOf(cloth.value.colour, cloth.value.print)))
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="w-full" aria-hidden="true">
    <defs v-if="cloth.photographed && !fan.length">
      <pattern :id="id" width="6" height="6" patternUnits="userSpaceOnUse">
        <image
          :href="`/api/shelf/cloths/${cloth.id}/photo`"
          width="6"
          height="6"
          preserveAspectRatio="xMidYMid slice"
        />
      </pattern>
    </defs>
    <g v-if="fan.length" stroke="#17202b" stroke-width="0.08">
      <rect
        v-for="(print, i) in fan"
        :key="i"
        x="6.1"
        y="2"
        width="2.4"
        height="6"
        rx="0.15"
        :fill="print.colour"
        :transform="`rotate(${print.turn} 7.3 8.8)`"
      />
    </g>
    <g v-else-if="form === 'STRIP'" stroke="#17202b" stroke-width="0.08">
      <circle cx="7" :cy="HEIGHT - 3.4" r="3.2" :fill="fill" />
      <circle v-for="r in [2.5, 1.8, 1.1, 0.4]" :key="r" cx="7" :cy="HEIGHT - 3.4" :r="r" fill="none" />
    </g>
    <g v-else-if="form === 'SQUARE' || form === 'SCRAP'" stroke="#17202b" stroke-width="0.08">
      <rect v-for="(piece, i) in flat" :key="i" v-bind="piece" rx="0.1" :fill="fill" />
    </g>
    <g v-else stroke="#17202b" stroke-width="0.08">
      <rect v-for="(fold, i) in folds" :key="i" v-bind="fold" :height="FOLD" :rx="FOLD / 2" :fill="fill" />
    </g>
  </svg>
</template>
