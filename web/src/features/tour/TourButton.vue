<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { type Problem, problemsOf } from '@/api/client'
import { ProblemNote } from '@/shared'
import { useTour } from './useTour'

const { start } = useTour(useRouter())
const problems = ref<Problem[]>([])
async function begin() {
  try {
    await start()
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <button class="cursor-pointer underline decoration-dotted underline-offset-4" @click="begin"><slot></slot></button>
  <ProblemNote :problems="problems" />
</template>
