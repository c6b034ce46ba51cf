<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface StepDrawingProps {
  /** A step as the server draws it, in true proportion. */
  step: Schemas['StepView']
  /** Colour of the cloth that plays each part, right side up: A, B, C, D. */
  colours: Record<string, string>
  /** The same seen from the wrong side. */
  wrongSides: Record<string, string>
}

const props = defineProps<StepDrawingProps>()

const LINES: Record<string, { stroke: string; dashed: boolean; thick: number }> = {
  mark: { stroke: '#4d5966', dashed: false, thick: 1 },
  stitch: { stroke: '#a8281c', dashed: true, thick: 1.6 },
  cut: { stroke: '#17202b', dashed: false, thick: 2.4 },
}
/** Margin round the drawing, and how far an upper layer is shown shifted, as parts of its larger side. */
const frame = computed(() => {
  const { left, top, width, height } = props.step
  const side = Math.max(width, height)
  const m = side * 0.06
  return { viewBox: `${left - m} ${top - m} ${width + 2 * m} ${height + 2 * m}`, unit: side / 130, shift: side * 0.025 }
})
</script>

<template>
  <svg :viewBox="frame.viewBox" role="img" :aria-label="`${step.title}: ${step.text}`">
    <template v-for="(shape, j) in step.shapes" :key="j">
      <polygon
        v-if="shape.kind === 'cloth'"
        :points="shape.points"
        :transform="shape.layer ? `translate(${-frame.shift} ${-frame.shift})` : undefined"
        :fill="(shape.wrongSide ? wrongSides : colours)[shape.cloth]"
        stroke="#17202b"
        :stroke-width="frame.unit * 0.6"
      />
      <polygon
        v-else-if="shape.kind === 'trim'"
        :points="shape.points"
        fill="none"
        stroke="#1c6b46"
        :stroke-width="frame.unit * 1.8"
        :stroke-dasharray="`${frame.unit * 6} ${frame.unit * 3}`"
      />
      <polyline
        v-else
        :points="shape.points"
        fill="none"
        :stroke="LINES[shape.kind]!.stroke"
        :stroke-width="frame.unit * LINES[shape.kind]!.thick"
        :stroke-dasharray="LINES[shape.kind]!.dashed ? `${frame.unit * 4} ${frame.unit * 2.5}` : undefined"
        stroke-linecap="round"
      />
    </template>
  </svg>
</template>
