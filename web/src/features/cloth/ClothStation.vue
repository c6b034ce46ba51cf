<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useMediaQuery } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { kept, ProblemNote, SideDrawer, WaitNote } from '@/shared'
import ClothPanel from './ClothPanel.vue'
import PackPanel from './PackPanel.vue'
import ShelfBar from './ShelfBar.vue'
import { found, isOfSort, keyOf, lotsOf, type Order, ordered, ORDERS, type Sort } from './shelfDrawing'
import ShelfEntry from './ShelfEntry.vue'
import ShelfFiles from './ShelfFiles.vue'
import YearInFabric from './YearInFabric.vue'
import ShelfGrid from './ShelfGrid.vue'
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

const ORDER = 'golden-tally.shelf-order'
const keptOrder = kept.read<Order>(ORDER)
const order = ref<Order>(keptOrder && keptOrder in ORDERS ? keptOrder : 'newest')
watch(order, (now) => kept.write(ORDER, now))
const sort = ref<Sort>('all')
const words = ref('')
const shown = computed(() =>
  ordered(
    found(lots.value, words.value).filter((lot) => isOfSort(lot, sort.value)),
    order.value,
  ),
)

/** The lot that is looked at, and of a pack one of its prints. */
const chosen = ref<string>()
const print = ref<string>()
const lot = computed(() => lots.value.find((each) => each.key === chosen.value))
const cloth = computed(() =>
  lot.value?.cloths.length === 1 ? lot.value.cloths[0] : lot.value?.cloths.find((each) => each.id === print.value),
)
const filing = ref(false)
const looksBack = ref(false)
const isWide = useMediaQuery('(min-width: 1024px)')
const panel = useTemplateRef('panel')

/** Beside the shelf, or over it where there is no room; focus goes where one reads on. */
async function choose(key: string) {
  filing.value = false
  print.value = undefined
  chosen.value = key === chosen.value ? undefined : key
  if (isWide.value || !chosen.value) return
  await nextTick()
  panel.value?.focus()
  panel.value?.scrollIntoView({ block: 'start' })
}
function close() {
  const was = chosen.value
  chosen.value = undefined
  print.value = undefined
  const name = lots.value.find((each) => each.key === was)?.name
  if (name) document.querySelector<HTMLElement>(`[data-lot="${CSS.escape(name)}"]`)?.focus()
}
/** What was just put there is what one looks at, where there is room beside the shelf. */
const putDown = ref<string>()
watch([putDown, cloths], () => {
  const newest = cloths.value?.find((each) => each.lines.some((line) => line.id === putDown.value))
  if (!newest) return
  putDown.value = undefined
  if (!isWide.value) return
  chosen.value = keyOf(newest)
  print.value = undefined
})

function added(understood: string, line: string | undefined) {
  putDown.value = line
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
    class="mx-auto grid w-full max-w-7xl items-start gap-6 p-6 max-lg:grid-cols-[minmax(0,1fr)] max-sm:p-3 lg:grid-cols-[minmax(0,1fr)_20rem] lg:grid-rows-[auto_1fr]"
  >
    <div class="min-w-0 space-y-4">
      <h1 class="sr-only">Cloth on the shelf</h1>
      <ShelfEntry :system="system" :done="done" :is-first="!cloths?.length" @added="added" @undo="undo" />
      <ProblemNote :problems="problems" />
      <WaitNote v-if="!cloths" what="the shelf" :error="error" />
      <p v-else-if="!cloths.length" class="card p-5">
        The shelf is empty. Type your first fabric above. The measured size counts, not the one on the label.
      </p>
      <ShelfBar v-else v-model:sort="sort" v-model:order="order" v-model:words="words" :lots="lots" />
    </div>
    <aside
      ref="panel"
      class="space-y-4 outline-none lg:sticky lg:top-24 lg:row-span-2 lg:max-h-[calc(100dvh-7rem)] lg:overflow-y-auto"
      tabindex="-1"
      aria-label="Beside the shelf"
      @keydown.esc="close"
    >
      <div v-if="lot" class="card space-y-3 p-4" data-beside>
        <div class="flex gap-2">
          <button v-if="print" class="button" @click="print = undefined">All of {{ lot.name }}</button>
          <button class="button ml-auto" @click="close">Close</button>
        </div>
        <ClothPanel v-if="cloth" :key="cloth.id" :cloth="cloth" @changed="refresh" @removed="remove" />
        <PackPanel v-else :key="lot.key" :pack="lot" @changed="refresh" @chosen="print = $event" />
      </div>
      <template v-else>
        <ShelfReach
          v-if="quilt.id.value && quilt.design.value"
          :quilt-id="quilt.id.value"
          :design="quilt.design.value"
        />
        <p v-if="cloths?.length" class="text-soft max-lg:hidden">
          Choose a fabric to see its pieces, price and photograph.
        </p>
      </template>
      <template v-if="isWide">
        <div class="flex flex-wrap gap-2">
          <button class="button" :aria-expanded="filing" @click="filing = !filing">Files and prices</button>
          <button v-if="cloths?.length" class="button" @click="looksBack = true">What came and went</button>
        </div>
        <ShelfFiles v-if="filing" :system="system" @changed="refresh" />
      </template>
    </aside>
    <div v-if="cloths?.length" class="min-w-0">
      <p v-if="!shown.length" class="card p-5" role="status">No fabric here has that name.</p>
      <ShelfGrid :lots="shown" :chosen="chosen" @chosen="choose" />
    </div>
    <div v-if="!isWide" class="min-w-0 space-y-4">
      <div class="flex flex-wrap gap-2">
        <button class="button" :aria-expanded="filing" @click="filing = !filing">Files and prices</button>
        <button v-if="cloths?.length" class="button" @click="looksBack = true">What came and went</button>
      </div>
      <ShelfFiles v-if="filing" :system="system" @changed="refresh" />
    </div>
    <SideDrawer :open="looksBack" wide title="What came and what went" @close="looksBack = false">
      <YearInFabric :system="system" />
    </SideDrawer>
  </div>
</template>
