<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Schemas } from '@/api/client'
import { ROLE_COLOURS } from './colours'

export interface UnitHeapProps {
  /** How many units. */
  units: number
  /** One finished unit. */
  picture: Schemas['UnitPicture']
  /** The same in words, for those who do not see it. */
  label: string
}

const props = defineProps<UnitHeapProps>()
const unitId = useId()
/** More than this cannot be counted at a glance; the number says the rest. */
const MOST_SHOWN = 60
/** Laid in rows of five or ten, a gap after each five, as one lays out a heap to count it; wide units in fives only. */
const row = computed(() => (props.units > 20 && props.picture.width < 3 * props.picture.height ? 10 : 5))
const step = computed(() => ({ x: props.picture.width * 1.15, y: props.picture.height + props.picture.width * 0.2 }))
const shown = computed(() =>
  Array.from({ length: Math.min(props.units, MOST_SHOWN) }, (_, i) => ({
    x: (i % row.value) * step.value.x + (i % row.value >= 5 ? step.value.x * 0.6 : 0),
    y: Math.floor(i / row.value) * step.value.y,
  })),
)
const width = computed(() => step.value.x * (row.value === 10 ? 10.6 : 5))
const height = computed(() => Math.max(1, Math.ceil(shown.value.length / row.value)) * step.value.y)
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${width} ${height}`" role="img" :aria-label="label" class="overflow-visible">
      <defs>
        <g :id="unitId">
          <polygon
            v-for="patch in picture.patches"
            :key="patch.points"
            :points="patch.points"
            :fill="ROLE_COLOURS[patch.cloth]"
            stroke="#17202b"
            :stroke-width="picture.width * 0.03"
          />
        </g>
      </defs>
      <use v-for="(unit, i) in shown" :key="i" :href="`#${unitId}`" :x="unit.x" :y="unit.y" />
    </svg>
    <figcaption v-if="units > MOST_SHOWN" class="text-sm text-soft">and {{ units - MOST_SHOWN }} more</figcaption>
  </figure>
</template>
