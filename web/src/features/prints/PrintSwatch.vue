<script setup lang="ts">
import { computed } from 'vue'
import { paintOf, type Print } from './paints'

export interface PrintSwatchProps {
  colour: string
  print: Print
}

const props = defineProps<PrintSwatchProps>()
const fill = computed(() => paintOf(props.colour, props.print))
/** CSS pixels to an inch of fabric: a swatch shows a few inches of it (our own). */
const INCH = 24
</script>

<template>
  <svg aria-hidden="true">
    <g :transform="`scale(${INCH})`"><rect width="100%" height="100%" :style="{ fill }" /></g>
  </svg>
</template>
