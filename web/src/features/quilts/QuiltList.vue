<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ManyRows, ProblemNote, WaitNote } from '@/shared'
import KeepingCard from './KeepingCard.vue'
import { lastPlace } from './lastPlace'
import PickUp from './PickUp.vue'
import { deletedQuiltsQuery, quiltListQuery } from './queries'
import QuiltCard from './QuiltCard.vue'

type Quilt = Schemas['QuiltSummary']

const MOST_COMPARED = 3
/** More quilts than this are not looked through by eye. */
const MANY = 8

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

/** The one that was looked at last here, else the one that was changed last. */
const pickUp = computed(() => {
  const going = (quilts.value ?? []).filter((quilt) => !quilt.archivedAt)
  const last = lastPlace.newestOf(going.map((quilt) => quilt.id))
  return going.find((quilt) => quilt.id === last) ?? going[0]
})
const finding = ref(false)
const findable = computed(() => finding.value || (quilts.value?.length ?? 0) > MANY)
const comparing = ref(false)
function endComparing() {
  comparing.value = false
  compared.value = []
}

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

const when = (instant: string) => new Date(instant).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <div class="mx-auto w-full max-w-7xl space-y-5 p-6 max-sm:p-3">
    <h1 class="sr-only">Quilts</h1>
    <PickUp v-if="pickUp" :key="pickUp.id" :quilt="pickUp" />
    <div v-if="last" class="flex items-center justify-between gap-3 rounded-xl bg-ink p-3 text-white" role="status">
      <span>{{ last.said }}</span>
      <button class="button text-ink" @click="takeBack">Undo</button>
    </div>
    <section aria-labelledby="quilts-title" class="space-y-4">
      <div class="flex flex-wrap items-center gap-2">
        <h2 id="quilts-title" class="mr-auto text-xl font-bold max-sm:w-full">Your quilts</h2>
        <template v-if="findable">
          <input
            v-model="words"
            type="search"
            class="field min-w-40 max-sm:order-last max-sm:w-full"
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
        </template>
        <button v-else-if="quilts?.length" class="button" @click="finding = true">Find</button>
        <template v-if="comparing">
          <RouterLink
            v-if="compared.length > 1"
            class="button button-main"
            :to="{ path: '/compare', query: { quilt: compared } }"
            >Compare these {{ compared.length }}</RouterLink
          >
          <span v-else role="status" class="text-soft">Choose two or three.</span>
          <button class="button" @click="endComparing">Stop comparing</button>
        </template>
        <button v-else-if="(quilts?.length ?? 0) > 1" class="button" @click="comparing = true">Compare</button>
        <RouterLink to="/start" class="button button-main">New quilt</RouterLink>
      </div>
      <ProblemNote :problems="listProblems" />
      <WaitNote v-if="!quilts" what="your quilts" :error="error" />
      <p v-else-if="!quilts.length" class="card p-4">
        No quilt yet. <RouterLink to="/start" class="underline decoration-dotted">Start a new quilt</RouterLink> from
        your fabric, a size or a block.
      </p>
      <p v-else-if="!lists.length" class="card p-4">No quilt is called that.</p>
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
          <ManyRows
            v-slot="{ item: quilt }"
            :class="{ 'mt-3': list.away }"
            :items="list.quilts"
            :key-of="(quilt) => quilt.id"
            :label="list.name"
            :least-width="276"
            :row-height="380"
            row-class="gap-x-5 pb-6"
          >
            <QuiltCard
              :quilt="quilt"
              :version-of="versionOf(quilt)"
              :compared="comparing ? compared.includes(quilt.id) : undefined"
              @act="(what) => act(quilt, what)"
              @rename="(name) => rename(quilt, name)"
              @compare="(wanted) => compare(quilt.id, wanted)"
            />
          </ManyRows>
        </component>
      </template>
    </section>
    <details v-if="deleted?.length">
      <summary class="cursor-pointer font-medium underline decoration-dotted">
        Deleted quilts ({{ deleted.length }})
      </summary>
      <p class="mt-1 text-soft">You can bring each back for thirty days, with its steps and its log.</p>
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
    <KeepingCard />
  </div>
</template>
