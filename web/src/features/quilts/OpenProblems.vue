<script setup lang="ts">
import { computed } from 'vue'
import { useTop } from './queries'

export interface OpenProblemsProps {
  quiltId: string
}

const props = defineProps<OpenProblemsProps>()

const MOST = 2
const { data: top, isPlaceholderData } = useTop(() => props.quiltId)
/** Each mistake once, however many parts have it. */
const problems = computed(() => {
  // What was there before is of another quilt perhaps: nothing is claimed by it.
  const known = isPlaceholderData.value ? [] : (top.value?.problems ?? [])
  const seen = new Map(known.map((each) => [`${each.where} ${each.why}`, each]))
  return [...seen.values()]
})
</script>

<template>
  <div v-if="problems.length" role="status" class="rounded-xl bg-brick-pale p-3 leading-5" data-open>
    <strong>Not ready yet.</strong>
    <p v-for="problem in problems.slice(0, MOST)" :key="problem.where + problem.why">
      {{ problem.where }}: {{ problem.why }}.
      <span class="inline-block first-letter:uppercase">{{ problem.fix }}.</span>
    </p>
    <p v-if="problems.length > MOST">And {{ problems.length - MOST }} more.</p>
    <RouterLink :to="`/quilts/${quiltId}/top`" class="underline underline-offset-4">Put it right at Top</RouterLink>
  </div>
</template>
