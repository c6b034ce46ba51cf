<script setup lang="ts">
import { computed } from 'vue'
import { ROLE_COLOURS } from './colours'

export interface UnitHeapProps {
  /** How many units. */
  units: number
  /** The same in words, for those who do not see it. */
  label: string
}

const props = defineProps<UnitHeapProps>()
/** More than this cannot be counted at a glance; the number says the rest. */
const MOST_SHOWN = 60
const row = computed(() => (props.units > 20 ? 10 : 5))
/** Laid in rows of five or ten, a gap after each five, as one lays out a heap to count it. */
const shown = computed(() =>
  Array.from({ length: Math.min(props.units, MOST_SHOWN) }, (_, i) => ({
    x: (i % row.value) * 1.2 + (i % row.value >= 5 ? 0.8 : 0),
    y: Math.floor(i / row.value) * 1.3,
  })),
)
const height = computed(() => Math.max(1, Math.ceil(Math.min(props.units, MOST_SHOWN) / row.value)) * 1.3)
const width = computed(() => (row.value === 10 ? 12.7 : 6.1))
</script>

<template>
  <figure>
    <svg :viewBox="`-0.1 -0.1 ${width} ${height}`" role="img" :aria-label="label">
      <g v-for="(unit, i) in shown" :key="i" :transform="`translate(${unit.x} ${unit.y})`">
        <path d="M0 0h1v1H0z" :fill="ROLE_COLOURS.B" stroke="#17202b" stroke-width="0.06" />
        <path d="M0 0h1L0 1z" :fill="ROLE_COLOURS.A" stroke="#17202b" stroke-width="0.06" />
      </g>
    </svg>
    <figcaption v-if="units > MOST_SHOWN" class="text-sm text-soft">and {{ units - MOST_SHOWN }} more</figcaption>
  </figure>
</template>
