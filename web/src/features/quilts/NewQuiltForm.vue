<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'

const router = useRouter()
const name = ref('')
const system = ref<Schemas['NewQuilt']['system']>('INCH')
const problems = ref<Problem[]>([])

async function start() {
  try {
    const quilt = await call('POST', '/api/quilts', { body: { name: name.value, system: system.value } })
    await router.push(`/quilts/${quilt.id}/cloth`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <form class="card h-fit space-y-4 p-5" aria-labelledby="new-title" @submit.prevent="start">
    <h2 id="new-title" class="text-xl font-bold">Start with an empty top</h2>
    <label class="block">
      <span class="mb-1 block font-medium">Its name</span>
      <input
        v-model="name"
        class="field w-full"
        maxlength="80"
        autocomplete="off"
        placeholder="for example Kitchen throw"
      />
    </label>
    <fieldset>
      <legend class="mb-1 font-medium">Measured in</legend>
      <label class="mr-5 inline-flex min-h-10 items-center gap-2"
        ><input v-model="system" type="radio" value="INCH" class="size-5" /> inches</label
      >
      <label class="inline-flex min-h-10 items-center gap-2"
        ><input v-model="system" type="radio" value="CENTIMETRE" class="size-5" /> centimetres</label
      >
    </fieldset>
    <ProblemNote :problems="problems" />
    <button class="button button-main w-full">Start</button>
    <p>
      Or begin with
      <RouterLink to="/start" class="underline decoration-dotted">your fabric, a size or a block</RouterLink>.
    </p>
  </form>
</template>
