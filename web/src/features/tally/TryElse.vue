<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf } from '@/api/client'
import { ProblemNote } from '@/shared'

export interface TryElseProps {
  quiltId: string
}

const props = defineProps<TryElseProps>()
const router = useRouter()
const client = useQueryClient()
const problems = ref<Problem[]>([])

/** Another version beside the quilt, to be compared with it. */
async function tryElse() {
  try {
    const version = await call('POST', '/api/quilts/{id}/version', { path: { id: props.quiltId } })
    void askAnew(client, ['quilts'])
    await router.push(`/quilts/${version.id}/top`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <div class="space-y-2">
    <button class="button w-full" @click="tryElse">Try something else with it</button>
    <ProblemNote :problems="problems" />
  </div>
</template>
