<script setup lang="ts">
import type { Problem } from '@/api/client'

export interface ProblemNoteProps {
  /** What is the matter, each with its place and way out. */
  problems: readonly Problem[]
  /** A hint only: it can be worked out all the same. */
  hint?: boolean
}

defineProps<ProblemNoteProps>()
</script>

<template>
  <div
    v-if="problems.length"
    :role="hint ? 'note' : 'alert'"
    :data-hint="hint || undefined"
    class="rounded-xl border border-[#d99a8f] bg-brick-pale p-3 data-[hint]:border-[#d9b95a] data-[hint]:bg-tape-pale"
  >
    <ul class="space-y-2">
      <li v-for="problem in problems" :key="problem.where + problem.why">
        <strong class="block">{{ problem.where }}</strong>
        {{ problem.why }} – {{ problem.fix }}.
      </li>
    </ul>
  </div>
</template>
