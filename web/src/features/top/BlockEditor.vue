<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface BlockEditorProps {
  /** The block's patches as the server draws them, two for each unit in order. */
  picture: Schemas['PictureView']
  /** Quarter turns of each unit, clockwise. */
  turns: readonly number[]
  /** The colour of each part. */
  colours: Readonly<Record<string, string>>
}

const props = defineProps<BlockEditorProps>()
const emit = defineEmits<{ turned: [turns: number[]] }>()

const PLACES = ['upper left', 'upper right', 'lower left', 'lower right']
const units = computed(() =>
  props.turns.map((turn, i) => ({
    patches: props.picture.patches.slice(2 * i, 2 * i + 2),
    viewBox: viewBox(i),
    label: `Unit ${PLACES[i]}, turned ${turn * 90}°: turn it`,
  })),
)

function viewBox(unit: number): string {
  const side = props.picture.blockSize / 2
  return `${(unit % 2) * side} ${Math.floor(unit / 2) * side} ${side} ${side}`
}

function turn(unit: number, by: number) {
  emit('turned', props.turns.map((turns, i) => (i === unit ? (turns + by + 4) % 4 : turns)))
}
</script>

<template>
  <div>
    <h2 class="panel-title mb-2">The block</h2>
    <div class="grid aspect-square grid-cols-2 gap-1" role="group" aria-label="Block of four half-square triangle units">
      <button
        v-for="(unit, i) in units"
        :key="i"
        :aria-label="unit.label"
        class="cursor-pointer overflow-hidden rounded-sm border border-ink/40 hover:border-ink"
        @click="turn(i, 1)"
        @keydown.r.exact.prevent="turn(i, 1)"
        @keydown.shift.r.prevent="turn(i, -1)"
      >
        <svg :viewBox="unit.viewBox" class="size-full" aria-hidden="true">
          <polygon v-for="patch in unit.patches" :key="patch.points" :points="patch.points" :fill="colours[patch.cloth]" />
        </svg>
      </button>
    </div>
    <p class="mt-2 text-soft">Click a unit to turn it, or press <kbd class="rounded border px-1">R</kbd> on it.</p>
  </div>
</template>
