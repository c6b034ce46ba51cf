<script setup lang="ts">
export interface PatchPictureProps {
  /** Size of the box the patches fill. */
  width: number
  height: number
  /** Outlines as SVG points. */
  patches: readonly string[]
  /** The colour of each patch. */
  colours: readonly (string | undefined)[]
}

defineProps<PatchPictureProps>()
</script>

<template>
  <svg :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
    <polygon
      v-for="(points, i) in patches"
      :key="i"
      :points="points"
      :fill="colours[i] ?? '#d3d8d2'"
      stroke="#17202b"
      stroke-opacity="0.4"
      :stroke-width="Math.max(width, height) / 70"
      stroke-linejoin="round"
    />
  </svg>
</template>
