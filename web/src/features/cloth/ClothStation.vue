<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { kept, ProblemNote, WaitNote } from '@/shared'
import ClothCard from './ClothCard.vue'
import PackCard from './PackCard.vue'
import { lotsOf } from './shelfDrawing'
import ShelfEntry from './ShelfEntry.vue'
import ShelfFiles from './ShelfFiles.vue'
import ShelfPicture from './ShelfPicture.vue'
import ShelfReach from './ShelfReach.vue'
import { useShelf } from './queries'
import { useShelfActs } from './useShelfActs'

const client = useQueryClient()
const quilt = useOpenQuilt()
const { data: cloths, error } = useShelf()
/** A pack is one; what was put down last comes first. */
const lots = computed(() => lotsOf(cloths.value ?? []))
const system = computed(() => quilt.design.value?.system ?? 'INCH')

const problems = ref<Problem[]>([])
/** What was done to the shelf last, said beside the field, to be taken back at once. */
const done = ref('')
const acts = useShelfActs()

const SHOWN = 'golden-tally.shelf-as-it-lies'
const asShelf = ref(kept.read<boolean>(SHOWN) ?? false)
function show(asItLies: boolean) {
  asShelf.value = asItLies
  kept.write(SHOWN, asItLies)
}

function added(understood: string) {
  done.value = `Added: ${understood}`
  problems.value = []
}

async function remove(line: Schemas['ShelfLineView']) {
  await attempt(() => call('DELETE', '/api/shelf/lines/{id}', { path: { id: line.id } }))
  done.value = `Taken off the shelf: ${line.typed}`
}

async function undo() {
  await attempt(acts.undo)
  done.value = ''
}

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  refresh()
}

function refresh() {
  void askAnew(client, ['shelf'])
  void askAnew(client, ['quilt'])
}
</script>

<template>
  <div
    class="mx-auto grid w-full max-w-7xl gap-6 p-6 max-lg:grid-cols-[minmax(0,1fr)] max-sm:p-3 lg:grid-cols-[1fr_22rem]"
  >
    <div class="min-w-0 space-y-6">
      <h1 class="sr-only">Cloth on the shelf</h1>
      <ShelfEntry :system="system" :done="done" @added="added" @undo="undo" />

      <ProblemNote :problems="problems" />

      <WaitNote v-if="!cloths" what="the shelf" :error="error" />
      <p v-else-if="!cloths.length" class="card p-5">
        The shelf is empty. Type your first fabric above; the measured size counts, not the one on the label.
      </p>
      <template v-else>
        <div class="flex gap-2" role="group" aria-label="How the shelf is shown">
          <button class="button" :class="{ 'button-main': !asShelf }" :aria-pressed="!asShelf" @click="show(false)">
            Line by line
          </button>
          <button class="button" :class="{ 'button-main': asShelf }" :aria-pressed="asShelf" @click="show(true)">
            As it lies
          </button>
        </div>
        <ShelfPicture v-if="asShelf" :cloths="cloths" @changed="refresh" @removed="remove" />
        <ul v-else class="space-y-3" aria-label="Shelf">
          <template v-for="lot in lots" :key="lot.key">
            <PackCard v-if="lot.cloths.length > 1" :pack="lot" @changed="refresh" @removed="remove" />
            <ClothCard v-else :cloth="lot.cloths[0]!" @changed="refresh" @removed="remove" />
          </template>
        </ul>
      </template>
    </div>
    <aside class="space-y-4">
      <ShelfReach v-if="quilt.id.value && quilt.design.value" :quilt-id="quilt.id.value" :design="quilt.design.value" />
      <ShelfFiles :system="system" @changed="refresh" />
    </aside>
  </div>
</template>
