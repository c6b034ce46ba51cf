<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas, sendFile } from '@/api/client'
import { ProblemNote, WaitNote } from '@/shared'
import KeepingCard from './KeepingCard.vue'
import NewQuiltForm from './NewQuiltForm.vue'
import { deletedQuiltsQuery, quiltListQuery } from './queries'
import QuiltCard from './QuiltCard.vue'

type Quilt = Schemas['QuiltSummary']

const MOST_COMPARED = 3

const router = useRouter()
const client = useQueryClient()
const { data: quilts, error } = useQuery(quiltListQuery)
const { data: deleted } = useQuery(deletedQuiltsQuery)

const words = ref('')
const sorting = ref<'changed' | 'name'>('changed')
const shown = computed(() => {
  const wanted = words.value.toLowerCase().split(/\s+/).filter(Boolean)
  const found = (quilts.value ?? []).filter((quilt) => wanted.every((word) => quilt.name.toLowerCase().includes(word)))
  return sorting.value === 'name' ? [...found].sort((a, b) => a.name.localeCompare(b.name)) : found
})
/** Those that are worked on, and those that were put away, where there are any. */
const lists = computed(() =>
  [
    { name: 'Quilts', away: false, quilts: shown.value.filter((quilt) => !quilt.archivedAt) },
    { name: 'Archived quilts', away: true, quilts: shown.value.filter((quilt) => quilt.archivedAt) },
  ].filter((list) => list.quilts.length),
)
const versionOf = (quilt: Quilt) => quilts.value?.find((other) => other.id === quilt.cameFrom)?.name ?? ''

const compared = ref<string[]>([])
function compare(id: string, wanted: boolean) {
  const others = compared.value.filter((each) => each !== id)
  compared.value = wanted ? [...others, id].slice(-MOST_COMPARED) : others
}

const listProblems = ref<Problem[]>([])
/** What was done last, to be taken back at once. */
const last = ref<{ said: string; undo: () => Promise<unknown> }>()
async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    listProblems.value = []
  } catch (thrown) {
    listProblems.value = problemsOf(thrown)
  }
  await askAnew(client, ['quilts'])
}

function act(quilt: Quilt, what: 'copy' | 'version' | 'archive' | 'unarchive' | 'remove') {
  const path = { id: quilt.id }
  if (what === 'copy') return attempt(async () => open(await call('POST', '/api/quilts/{id}/copy', { path })))
  if (what === 'version') return attempt(async () => open(await call('POST', '/api/quilts/{id}/version', { path })))
  return attempt(async () => {
    if (what === 'remove') {
      await call('DELETE', '/api/quilts/{id}', { path })
      last.value = { said: `Deleted: ${quilt.name}`, undo: () => call('POST', '/api/quilts/{id}/bring-back', { path }) }
    } else {
      await putAway(quilt.id, what === 'archive')
      last.value = {
        said: what === 'archive' ? `Archived: ${quilt.name}` : `Back in the list: ${quilt.name}`,
        undo: () => putAway(quilt.id, what !== 'archive'),
      }
    }
  })
}
const putAway = (id: string, away: boolean) =>
  call(away ? 'PUT' : 'DELETE', '/api/quilts/{id}/archived', { path: { id } })
const open = (quilt: { id: string }) => router.push(`/quilts/${quilt.id}/top`)
const rename = (quilt: Quilt, name: string) =>
  attempt(() => call('PUT', '/api/quilts/{id}/name', { path: { id: quilt.id }, body: { name } }))
async function takeBack() {
  const undo = last.value?.undo
  last.value = undefined
  if (undo) await attempt(undo)
}
const bringBack = (id: string) => attempt(() => call('POST', '/api/quilts/{id}/bring-back', { path: { id } }))

const fileProblems = ref<Problem[]>([])
async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    const quilt = await sendFile('POST', '/api/quilt-file', {}, file, 'application/json')
    fileProblems.value = []
    await open(quilt)
  } catch (thrown) {
    fileProblems.value = problemsOf(thrown)
  }
}

const when = (instant: string) => new Date(instant).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <div
    class="mx-auto grid w-full max-w-7xl gap-8 p-6 max-lg:grid-cols-[minmax(0,1fr)] max-sm:p-3 lg:grid-cols-[1fr_22rem]"
  >
    <section aria-labelledby="quilts-title">
      <h1 id="quilts-title" class="mb-3 text-2xl font-bold">Your quilts</h1>
      <div
        v-if="last"
        class="mb-3 flex items-center justify-between gap-3 rounded-xl bg-ink p-3 text-white"
        role="status"
      >
        <span>{{ last.said }}</span>
        <button class="button text-ink" @click="takeBack">Undo</button>
      </div>
      <div v-if="quilts?.length" class="mb-3 flex flex-wrap items-center gap-3">
        <input
          v-model="words"
          type="search"
          class="field min-w-48 flex-1"
          placeholder="Find by name"
          aria-label="Find a quilt"
        />
        <label class="inline-flex items-center gap-2">
          <span>sorted by</span>
          <select v-model="sorting" class="field">
            <option value="changed">last change</option>
            <option value="name">name</option>
          </select>
        </label>
        <RouterLink
          v-if="compared.length > 1"
          class="button button-main"
          :to="{ path: '/compare', query: { quilt: compared } }"
          >Compare these {{ compared.length }}</RouterLink
        >
      </div>
      <ProblemNote class="mb-3" :problems="listProblems" />
      <WaitNote v-if="!quilts" what="your quilts" :error="error" />
      <p v-else-if="!quilts.length" class="card p-4">
        No quilt yet.
        <RouterLink to="/start" class="underline decoration-dotted"
          >Start one from your fabric, a size or a block</RouterLink
        >, or with an empty top.
      </p>
      <template v-else>
        <component
          :is="list.away ? 'details' : 'div'"
          v-for="list in lists"
          :key="list.name"
          :class="{ 'mt-5': list.away }"
        >
          <summary v-if="list.away" class="cursor-pointer font-medium underline decoration-dotted">
            {{ list.name }} ({{ list.quilts.length }})
          </summary>
          <ul class="space-y-3" :class="{ 'mt-2': list.away }" :aria-label="list.name">
            <QuiltCard
              v-for="quilt in list.quilts"
              :key="quilt.id"
              :quilt="quilt"
              :version-of="versionOf(quilt)"
              :compared="compared.includes(quilt.id)"
              @act="(what) => act(quilt, what)"
              @rename="(name) => rename(quilt, name)"
              @compare="(wanted) => compare(quilt.id, wanted)"
            />
          </ul>
        </component>
      </template>
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
      <NewQuiltForm />
      <section class="card space-y-3 p-5" aria-labelledby="file-title">
        <h2 id="file-title" class="text-xl font-bold">Bring a quilt in</h2>
        <label class="block">
          <span class="mb-1 block font-medium">From a quilt file: design, fabric and log</span>
          <input type="file" accept=".json,application/json" class="field w-full" @change="bringIn" />
        </label>
        <ProblemNote :problems="fileProblems" />
      </section>
      <KeepingCard />
    </div>
  </div>
</template>
