<script setup lang="ts">
import { computed } from 'vue'

export interface TallyMarksProps {
  /** How many are made. */
  count: number
}

const props = defineProps<TallyMarksProps>()
/** More would be a hedge, not a tally: the number beside it says the rest. */
const MOST = 100
const shown = computed(() => Math.min(props.count, MOST))
const fives = computed(() => Math.floor(shown.value / 5))
const ones = computed(() => shown.value % 5)
</script>

<template>
  <span
    class="inline-flex flex-wrap items-center gap-x-2 gap-y-1"
    aria-hidden="true"
    :data-fives="fives"
    :data-ones="ones"
  >
    <svg v-for="n in fives" :key="`f${n}`" viewBox="0 0 24 24" class="h-7 w-7">
      <path
        d="M4 3v18M9 3v18M14 3v18M19 3v18M1 20L23 5"
        fill="none"
        stroke="#8a5a00"
        stroke-width="2.2"
        stroke-linecap="round"
      />
    </svg>
    <svg v-for="n in ones" :key="`o${n}`" viewBox="0 0 6 24" class="h-7 w-2">
      <path d="M3 3v18" fill="none" stroke="#8a5a00" stroke-width="2.2" stroke-linecap="round" />
    </svg>
    <span v-if="count > MOST" class="text-soft">…</span>
  </span>
</template>
