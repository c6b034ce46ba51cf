<script setup lang="ts">
import type { Mark } from './glossary'

export interface WordDrawingProps {
  marks: readonly Mark[]
}

defineProps<WordDrawingProps>()
const FILLS: Record<string, string> = { A: '#efa91c', B: '#22374f', allowance: '#fff6dd' }
const isLine = (mark: Mark) => !(mark.as in FILLS)
const dashes = (mark: Mark) => (mark.as === 'drawn' ? '3 2' : mark.as === 'seam' ? '2 2' : undefined)
const colour = (mark: Mark) => (mark.as === 'cut' ? '#a8281c' : '#17202b')
</script>

<template>
  <svg viewBox="0 0 100 60" class="h-28 w-48 flex-none" aria-hidden="true">
    <defs>
      <marker id="word-arrow" viewBox="0 0 6 6" refX="5" refY="3" markerWidth="5" markerHeight="5" orient="auto">
        <path d="M0 0L6 3L0 6Z" fill="#17202b" />
      </marker>
    </defs>
    <template v-for="(mark, i) in marks" :key="i">
      <polygon
        v-if="!isLine(mark) || mark.points.split(' ').length > 2"
        :points="mark.points"
        :fill="FILLS[mark.as] ?? 'none'"
        :stroke="colour(mark)"
        :stroke-dasharray="dashes(mark)"
        stroke-width="0.8"
      />
      <polyline
        v-else
        :points="mark.points"
        fill="none"
        :stroke="colour(mark)"
        :stroke-dasharray="dashes(mark)"
        :marker-end="mark.as === 'arrow' ? 'url(#word-arrow)' : undefined"
        stroke-width="1.2"
      />
    </template>
  </svg>
</template>
