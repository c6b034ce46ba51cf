<script setup lang="ts">
import { computed, onUnmounted, ref } from 'vue'
import { problemsOf } from '@/api/client'
import ProblemNote from './ProblemNote.vue'

export interface WaitNoteProps {
  /** What is on its way, in words: "the shelf". */
  what: string
  /** Set if it could not be had. */
  error?: unknown
  /** Whether the page may be loaded again: only where nothing that is typed could be lost by it. */
  reloads?: boolean
}

const props = withDefaults(defineProps<WaitNoteProps>(), { error: undefined })
/** Longer than that is unusual; it is said, with a way out. */
const LATE_MS = 8_000
const late = ref(false)
const timer = setTimeout(() => (late.value = true), LATE_MS)
onUnmounted(() => clearTimeout(timer))
const reload = () => window.location.reload()
const problems = computed(() => (props.error ? problemsOf(props.error) : []))
</script>

<template>
  <ProblemNote v-if="problems.length" :problems="problems" />
  <div v-else role="status" class="p-4 text-soft">
    <p>Fetching {{ what }} …</p>
    <p v-if="late" class="mt-2">
      It takes longer than usual, and goes on by itself.
      <button v-if="reloads" class="cursor-pointer underline decoration-dotted" @click="reload">Ask again</button>
    </p>
  </div>
</template>
