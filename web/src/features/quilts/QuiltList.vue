<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { call, type Problem, problemsOf, type Schemas, sendFile } from '@/api/client'
import { ProblemNote, WaitNote } from '@/shared'
import { quiltListQuery } from './queries'

const router = useRouter()
const { data: quilts, error } = useQuery(quiltListQuery)
const name = ref('')
const system = ref<Schemas['NewQuilt']['system']>('INCH')
const problems = ref<Problem[]>([])

async function start() {
  try {
    const quilt = await call<Schemas['StoredQuilt']>('POST', '/api/quilts', { name: name.value, system: system.value })
    await router.push(`/quilts/${quilt.id}/cloth`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}

async function copy(id: string) {
  try {
    const quilt = await call<Schemas['StoredQuilt']>('POST', `/api/quilts/${id}/copy`)
    await router.push(`/quilts/${quilt.id}/top`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}

const fileProblems = ref<Problem[]>([])
async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    const quilt = await sendFile<Schemas['StoredQuilt']>('POST', '/api/quilt-file', file)
    fileProblems.value = []
    await router.push(`/quilts/${quilt.id}/top`)
  } catch (thrown) {
    fileProblems.value = problemsOf(thrown)
  }
}

const when = (instant: string) => new Date(instant).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <div class="mx-auto grid w-full max-w-5xl gap-8 p-6 md:grid-cols-[3fr_2fr]">
    <section aria-labelledby="quilts-title">
      <h1 id="quilts-title" class="mb-3 text-2xl font-bold">Your quilts</h1>
      <WaitNote v-if="!quilts" what="your quilts" :error="error" />
      <p v-else-if="!quilts.length" class="card p-4">No quilt yet. Name one and start it; you can change everything later.</p>
      <ul v-else class="space-y-2">
        <li v-for="quilt in quilts" :key="quilt.id" class="flex items-stretch gap-2">
          <RouterLink :to="`/quilts/${quilt.id}/top`" class="card min-w-0 flex-1 p-4 hover:border-ink">
            <span class="block truncate text-lg font-bold" :title="quilt.name">{{ quilt.name }}</span>
            <span class="text-soft">changed {{ when(quilt.changedAt) }}</span>
          </RouterLink>
          <button class="button" :aria-label="`Copy ${quilt.name}`" @click="copy(quilt.id)">Copy</button>
          <a class="button inline-flex items-center" :aria-label="`${quilt.name} as a file`" :href="`/api/quilts/${quilt.id}/file`" download>File</a>
        </li>
      </ul>
    </section>

    <div class="space-y-6">
    <form class="card h-fit space-y-4 p-5" aria-labelledby="new-title" @submit.prevent="start">
      <h2 id="new-title" class="text-xl font-bold">Start a quilt</h2>
      <label class="block">
        <span class="mb-1 block font-medium">Its name</span>
        <input v-model="name" class="field w-full" maxlength="80" autocomplete="off" placeholder="for example Kitchen throw" />
      </label>
      <fieldset>
        <legend class="mb-1 font-medium">Measured in</legend>
        <label class="mr-5 inline-flex min-h-10 items-center gap-2"><input v-model="system" type="radio" value="INCH" class="size-5" /> inches</label>
        <label class="inline-flex min-h-10 items-center gap-2"><input v-model="system" type="radio" value="CENTIMETRE" class="size-5" /> centimetres</label>
      </fieldset>
      <ProblemNote :problems="problems" />
      <button class="button button-main w-full">Start</button>
    </form>
    <section class="card space-y-3 p-5" aria-labelledby="file-title">
      <h2 id="file-title" class="text-xl font-bold">Bring a quilt in</h2>
      <label class="block">
        <span class="mb-1 block font-medium">From a quilt file: design, cloth and log</span>
        <input type="file" accept=".json,application/json" class="field w-full" @change="bringIn" />
      </label>
      <ProblemNote :problems="fileProblems" />
    </section>
    </div>
  </div>
</template>
