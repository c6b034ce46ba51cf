<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface MistakesCardProps {
  /** What is wrong at parts of the top. */
  problems: readonly Schemas['PlacedProblem'][]
}

const props = defineProps<MistakesCardProps>()
const emit = defineEmits<{ chosen: [partId: string] }>()

const SHOWN = 4
/** One of each kind: four sides of a border that does not come out even are one mistake. */
const shown = computed(() => {
  const kinds = new Map<string, Schemas['PlacedProblem']>()
  for (const problem of props.problems) {
    const kind = `${problem.where.split(',')[0]} ${problem.fix}`
    if (!kinds.has(kind)) kinds.set(kind, problem)
  }
  return [...kinds.values()].slice(0, SHOWN)
})
</script>

<template>
  <div
    v-if="problems.length"
    class="space-y-1 rounded-xl border border-[#d99a8f] bg-brick-pale p-3"
    role="alert"
    data-mistakes
  >
    <button
      v-for="problem in shown"
      :key="problem.partId + problem.where + problem.why"
      class="block w-full cursor-pointer text-left"
      @click="emit('chosen', problem.partId)"
    >
      <strong class="block underline">{{ problem.where }}</strong>{{ problem.why }} – {{ problem.fix }}.
    </button>
    <p v-if="problems.length > shown.length">… and {{ problems.length - shown.length }} more like these.</p>
  </div>
</template>
