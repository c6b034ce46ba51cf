<script setup lang="ts">
import { computed } from 'vue'
import { problemsOf } from '@/api/client'
import ProblemNote from './ProblemNote.vue'

export interface WaitNoteProps {
  /** What is on its way, in words: "the shelf". */
  what: string
  /** Set if it could not be had. */
  error?: unknown
}

const props = defineProps<WaitNoteProps>()
const problems = computed(() => (props.error ? problemsOf(props.error) : []))
</script>

<template>
  <ProblemNote v-if="problems.length" :problems="problems" />
  <p v-else role="status" class="p-4 text-soft">Fetching {{ what }} …</p>
</template>
