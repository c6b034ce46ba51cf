<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { call, type Problem, problemsOf, type Schemas, sendFile } from '@/api/client'
import KeepingCard from './KeepingCard.vue'
import { ProblemNote, WaitNote } from '@/shared'
import { deletedQuiltsQuery, quiltListQuery } from './queries'

const router = useRouter()
const client = useQueryClient()
const { data: quilts, error } = useQuery(quiltListQuery)
const { data: deleted } = useQuery(deletedQuiltsQuery)
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

async function copy(id: string) {
  try {
    const quilt = await call('POST', '/api/quilts/{id}/copy', { path: { id } })
    await router.push(`/quilts/${quilt.id}/top`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}

const listProblems = ref<Problem[]>([])
/** The one that was deleted last, to be brought back at once. */
const lastDeleted = ref<{ id: string; name: string }>()
async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    listProblems.value = []
  } catch (thrown) {
    listProblems.value = problemsOf(thrown)
  }
  await client.invalidateQueries({ queryKey: ['quilts'] })
}
async function remove(quilt: { id: string; name: string }) {
  await attempt(() => call('DELETE', '/api/quilts/{id}', { path: { id: quilt.id } }))
  if (!listProblems.value.length) lastDeleted.value = quilt
}
async function bringBack(id: string) {
  await attempt(() => call('POST', '/api/quilts/{id}/bring-back', { path: { id } }))
  lastDeleted.value = undefined
}

const fileProblems = ref<Problem[]>([])
async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    const quilt = await sendFile('POST', '/api/quilt-file', {}, file, 'application/json')
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
      <div
        v-if="lastDeleted"
        class="mb-3 flex items-center justify-between gap-3 rounded-xl bg-ink p-3 text-white"
        role="status"
      >
        <span>Deleted: {{ lastDeleted.name }}</span>
        <button class="button text-ink" @click="bringBack(lastDeleted.id)">Undo</button>
      </div>
      <ProblemNote class="mb-3" :problems="listProblems" />
      <WaitNote v-if="!quilts" what="your quilts" :error="error" />
      <p v-else-if="!quilts.length" class="card p-4">
        No quilt yet. Name one and start it; you can change everything later.
      </p>
      <ul v-else class="space-y-2">
        <li v-for="quilt in quilts" :key="quilt.id" class="flex items-stretch gap-2">
          <RouterLink :to="`/quilts/${quilt.id}/top`" class="card min-w-0 flex-1 p-4 hover:border-ink">
            <span class="block truncate text-lg font-bold" :title="quilt.name">{{ quilt.name }}</span>
            <span class="text-soft">changed {{ when(quilt.changedAt) }}</span>
          </RouterLink>
          <button class="button" :aria-label="`Copy ${quilt.name}`" @click="copy(quilt.id)">Copy</button>
          <button class="button" :aria-label="`Delete ${quilt.name}`" @click="remove(quilt)">Delete</button>
          <a
            class="button inline-flex items-center"
            :aria-label="`${quilt.name} as a file`"
            :href="`/api/quilts/${quilt.id}/file`"
            download
            >File</a
          >
        </li>
      </ul>
      <details v-if="deleted?.length" class="mt-5">
        <summary class="cursor-pointer font-medium underline decoration-dotted">
          Deleted quilts ({{ deleted.length }})
        </summary>
        <p class="mt-1 text-soft">Each can be brought back for thirty days, with its steps and its log.</p>
        <ul class="mt-2 space-y-2">
          <li v-for="quilt in deleted" :key="quilt.id" class="flex items-center gap-3 border-b border-line py-1">
            <span class="min-w-0 flex-1 truncate"
              >{{ quilt.name }}<span class="block text-sm text-soft">until {{ when(quilt.until) }}</span></span
            >
            <button class="button" :aria-label="`Bring back ${quilt.name}`" @click="bringBack(quilt.id)">
              Bring back
            </button>
          </li>
        </ul>
      </details>
    </section>

    <div class="space-y-6">
      <form class="card h-fit space-y-4 p-5" aria-labelledby="new-title" @submit.prevent="start">
        <h2 id="new-title" class="text-xl font-bold">Start a quilt</h2>
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
      </form>
      <section class="card space-y-3 p-5" aria-labelledby="file-title">
        <h2 id="file-title" class="text-xl font-bold">Bring a quilt in</h2>
        <label class="block">
          <span class="mb-1 block font-medium">From a quilt file: design, cloth and log</span>
          <input type="file" accept=".json,application/json" class="field w-full" @change="bringIn" />
        </label>
        <ProblemNote :problems="fileProblems" />
      </section>
      <KeepingCard />
    </div>
  </div>
</template>
