<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, sendFile } from '@/api/client'
import { ShelfEntry, useShelf, useShelfActs } from '@/features/cloth'
import { TourButton } from '@/features/tour'
import { kept, ProblemNote, WaitNote } from '@/shared'
import ClothChips from './ClothChips.vue'
import IdeaCard from './IdeaCard.vue'
import OurQuilts from './OurQuilts.vue'
import { type Idea, type Ranking, useIdeas, type Wish } from './useIdeas'
import WishFields from './WishFields.vue'

const KEPT = 'start'
const nothing: Wish = { system: 'INCH', width: '', height: '', block: '', border: '', words: '', without: [] }

const RANKINGS: readonly { key: Ranking; label: string }[] = [
  { key: 'least', label: 'buys least' },
  { key: 'largest', label: 'largest' },
  { key: 'most', label: 'uses most' },
  { key: 'quickest', label: 'quickest' },
]

const router = useRouter()
const client = useQueryClient()
const { data: cloths, error } = useShelf()
const acts = useShelfActs()
/** What was typed stays, also when she looks elsewhere in between. */
const wish = ref<Wish>({ ...nothing, ...kept.read<Partial<Wish>>(KEPT) })
watch(wish, (now) => kept.write(KEPT, now))
const ranking = ref<Ranking>('least')
const shelf = computed(() => cloths.value?.map((cloth) => [cloth.id, cloth.version, cloth.lines.length]))
const { ideas, better, orderAnew, of, done, busy, problems, leftOut, stop, goOn } = useIdeas(wish, shelf, ranking)

/** Whether any cloth of the shelf is not left out. */
const used = computed(() => cloths.value?.some((cloth) => !wish.value.without.includes(cloth.id)))

const added = ref('')
const taking = ref<Problem[]>([])

function putDown(understood: string) {
  added.value = `Added: ${understood}`
}

async function undo() {
  try {
    await acts.undo()
    added.value = ''
  } catch (thrown) {
    taking.value = problemsOf(thrown)
  }
}

async function open(made: Promise<{ id: string }>, station: string) {
  try {
    const quilt = await made
    void askAnew(client, ['quilts'])
    await router.push(`/quilts/${quilt.id}/${station}`)
  } catch (thrown) {
    taking.value = problemsOf(thrown)
  }
}

const take = (idea: Idea) =>
  open(call('POST', '/api/ideas/take', { body: { wish: wish.value, key: idea.key, name: idea.name } }), 'tally')
const takeOurs = (key: string) => open(call('POST', '/api/our-quilts/{key}/take', { path: { key } }), 'top')
const startEmpty = () =>
  open(call('POST', '/api/quilts', { body: { name: 'New quilt', system: wish.value.system } }), 'top')

function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) void open(sendFile('POST', '/api/quilt-file', {}, file, 'application/json'), 'top')
}
</script>

<template>
  <div class="w-full min-w-0 space-y-4 p-6 max-sm:p-3">
    <h1 class="sr-only">Start a quilt</h1>
    <ShelfEntry :system="wish.system" :done="added" :is-first="!cloths?.length" @added="putDown" @undo="undo" />
    <WaitNote v-if="!cloths" what="the shelf" :error="error" />
    <ClothChips
      v-else-if="cloths.length"
      :cloths="cloths"
      :without="wish.without"
      @change="(without) => (wish = { ...wish, without })"
    />
    <nav aria-label="Other ways to start" class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <span class="text-soft">or start from</span>
      <a class="underline decoration-dotted underline-offset-4" href="#ours">one of our quilts</a>
      <button class="cursor-pointer underline decoration-dotted underline-offset-4" @click="startEmpty">
        an empty top
      </button>
      <TourButton>a short tour</TourButton>
      <label class="cursor-pointer underline decoration-dotted underline-offset-4 focus-within:outline-3">
        a quilt file
        <input type="file" accept=".json,application/json" class="sr-only" @change="bringIn" />
      </label>
    </nav>
    <WishFields :wish="wish" @change="(part) => (wish = { ...wish, ...part })" />
    <ProblemNote :problems="[...problems, ...taking]" />

    <section aria-labelledby="ideas-title" class="space-y-3">
      <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 id="ideas-title" class="flex-1 text-2xl font-bold">
          {{ used ? 'Tops from your fabric' : 'Tops to buy fabric for' }}
        </h2>
        <fieldset class="flex flex-wrap items-center gap-x-3">
          <legend class="sr-only">Which first</legend>
          <label v-for="each in RANKINGS" :key="each.key" class="inline-flex min-h-10 items-center gap-1">
            <input v-model="ranking" type="radio" name="ranking" :value="each.key" class="size-5" />
            {{ each.label }}
          </label>
        </fieldset>
        <p role="status" class="text-soft" data-progress :data-busy="busy || undefined">
          {{ of ? `${done} of ${of} worked out` : busy ? 'working them out …' : '' }}
        </p>
        <button v-if="better" class="button" :title="`${better} of the later ones`" data-better @click="orderAnew">
          Best first
        </button>
        <button v-if="busy" class="button" @click="stop">Stop</button>
        <button v-else-if="done < of" class="button" @click="goOn">Go on</button>
      </div>
      <p v-if="leftOut.length" role="status" class="card p-4" data-left-out>
        No top here has all of that. Shown without “{{ leftOut.join('”, “') }}”.
      </p>
      <p v-if="!busy && !problems.length && !ideas.length" class="card p-4">
        Nothing of that kind. Try fewer words, or leave a size open.
      </p>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(14rem,1fr))] gap-3" aria-label="Tops" data-ideas>
        <IdeaCard v-for="idea in ideas" :key="idea.key" :idea="idea" @taken="take(idea)" />
      </ul>
    </section>

    <section id="ours" aria-labelledby="ours-title" class="space-y-3" tabindex="-1">
      <h2 id="ours-title" class="text-2xl font-bold">Our quilts, yours to change</h2>
      <OurQuilts @taken="takeOurs" />
    </section>
  </div>
</template>
