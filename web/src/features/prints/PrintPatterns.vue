<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { painted, usePrints } from './paints'

type Tone = Schemas['PrintShape']['tone']

const { data: prints } = usePrints()
const OPACITY: Record<Tone, number> = { FAINT: 0.16, CLEAR: 0.34, STRONG: 0.55 }
const patterns = computed(() =>
  [...painted.values()].flatMap((each) => {
    const print = prints.value?.find(({ key }) => key === each.print)
    return print ? [{ ...each, print }] : []
  }),
)
</script>

<template>
  <!-- In inches, as every drawing of a quilt is, so that a print has its true scale in all of them. -->
  <svg class="absolute size-0" aria-hidden="true" focusable="false">
    <defs>
      <pattern
        v-for="{ id, colour, dark, print } in patterns"
        :id="id"
        :key="id"
        :width="print.width"
        :height="print.height"
        patternUnits="userSpaceOnUse"
      >
        <rect :width="print.width" :height="print.height" :style="{ fill: colour }" />
        <polygon
          v-for="(shape, i) in print.shapes"
          :key="i"
          :points="shape.points"
          :fill="dark ? '#ffffff' : '#17202b'"
          :fill-opacity="OPACITY[shape.tone]"
        />
      </pattern>
    </defs>
  </svg>
</template>
