<script setup lang="ts">
import { computed, onUnmounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useShelf } from '@/features/cloth'
import { useOpenQuilt, useTop } from '@/features/quilts'
import { useCutSheets } from '@/features/cut'
import { useBatches } from '@/features/sew'
import { useTally } from '@/features/tally'
import { useAnswering } from '@/api/answering'
import { useStuckTaps } from '@/features/bench'
import { spellCount, vShows } from '@/shared'
import HistoryMenu from './HistoryMenu.vue'

const REST_MS = 1000

const route = useRoute()
const quilt = useOpenQuilt()
const shelf = useShelf()
const top = useTop(() => quilt.id.value)
const tally = useTally(() => quilt.id.value)
/** Cutting plans take longer than a ledger: beside other stations they are asked for once an edit has come to rest. */
const atRest = ref(false)
let resting: ReturnType<typeof setTimeout> | undefined
watch(
  () => [quilt.id.value, quilt.saveState.value, tally.isFetching.value],
  ([, state, fetching]) => {
    clearTimeout(resting)
    atRest.value = false
    if (state === 'kept' && !fetching) resting = setTimeout(() => (atRest.value = true), REST_MS)
  },
  { immediate: true },
)
onUnmounted(() => clearTimeout(resting))
const cut = useCutSheets(
  () => quilt.id.value,
  () => atRest.value || route.path.endsWith('/cut'),
)
const sew = useBatches(
  () => quilt.id.value,
  undefined,
  () => atRest.value || route.path.endsWith('/sew'),
)

const tallyCount = computed(() => {
  if (!tally.data.value) return ''
  const short = tally.data.value.totals.clothsShort
  return short ? `${short} short` : `${tally.data.value.totals.units} units`
})

/** The stations in the order in which the work is done. */
const stations = computed(() => [
  {
    key: 'cloth',
    name: 'Cloth',
    count: shelf.data.value ? spellCount(shelf.data.value.length, 'fabric', 'fabrics') : '',
  },
  { key: 'top', name: 'Top', count: top.data.value ? spellCount(top.data.value.count.blocks, 'block', 'blocks') : '' },
  { key: 'tally', name: 'Tally', count: tallyCount.value },
  { key: 'cut', name: 'Cut', count: cut.data.value ? `${cut.data.value.done} of ${cut.data.value.steps} steps` : '' },
  { key: 'sew', name: 'Sew', count: sew.data.value ? `${sew.data.value.made} of ${sew.data.value.needed} made` : '' },
])

/** What there is without a quilt: all of them, the shelf of the house, what a piece gives. */
const pages = computed(() => [
  { to: '/quilts', with: ['/quilts', '/start', '/compare'], name: 'Quilts', says: 'all you have going' },
  {
    to: '/cloth',
    with: ['/cloth'],
    name: 'Cloth',
    says: shelf.data.value ? spellCount(shelf.data.value.length, 'fabric', 'fabrics') : '',
  },
  { to: '/yields', with: ['/yields'], name: 'Yields', says: 'what a piece gives' },
])
const isIn = (page: { with: string[] }) => page.with.some((path) => route.path.startsWith(path))

const size = computed(() => {
  const whole = top.data.value?.sizes.find((each) => each.what === 'Top')
  const text = whole ? `${whole.finishedWidth} × ${whole.finishedHeight} ${top.data.value!.unitOfLength} finished` : ''
  // A number is not broken from its fraction.
  return text.replaceAll(/ (?=\d+\/\d)/g, '\u00a0')
})

function rename(name: string) {
  if (name.trim()) void quilt.rename(name.trim())
}

const answering = useAnswering()
const stuckTaps = useStuckTaps()
/** Changes of the design and taps that wait, those of quilts that were open before among them. */
const waiting = computed(() => (quilt.saveState.value === 'keeping' ? 0 : quilt.waiting.value) + stuckTaps.value)
/** Nothing that she has to know; a telephone has no room to say so. */
const quiet = computed(
  () => quilt.saveState.value === 'keeping' || (quilt.saveState.value === 'kept' && !waiting.value && answering.value),
)
const saving = computed(() => {
  if (quilt.saveState.value === 'refused') return 'Not saved yet: see the mistake'
  if (quilt.saveState.value === 'conflict') return 'Changed elsewhere'
  if (waiting.value && !quilt.stored.value)
    return `${spellCount(waiting.value, 'change', 'changes')} on this page only: leave it open`
  if (waiting.value && quilt.saveState.value !== 'keeping')
    return `You're offline: ${spellCount(waiting.value, 'change', 'changes')} will be saved when you're back`
  if (quilt.saveState.value === 'keeping') return 'Saving …'
  return answering.value ? 'Saved' : 'Saved. No answer just now'
})
</script>

<template>
  <header class="flex flex-wrap items-stretch border-b border-line bg-white lg:flex-nowrap">
    <RouterLink
      v-if="quilt.id.value"
      to="/quilts"
      class="flex w-11 items-center justify-center text-2xl sm:hidden"
      aria-label="Quilts"
      >‹</RouterLink
    >
    <div
      class="flex w-56 flex-col justify-center px-4 py-2 max-sm:w-auto max-sm:min-w-0 max-sm:flex-1 max-sm:py-0"
      :class="{ 'max-sm:pl-0': quilt.id.value }"
    >
      <RouterLink
        to="/quilts"
        class="text-xl font-bold leading-tight max-sm:leading-10"
        :class="{ 'max-sm:hidden': quilt.id.value }"
        >Golden Tally</RouterLink
      >
      <div v-if="quilt.id.value" class="text-sm leading-5 text-soft">
        <input
          class="-mx-1 block w-full truncate rounded border border-transparent px-1 font-medium text-ink hover:border-line"
          aria-label="Name of the quilt"
          maxlength="80"
          v-shows="quilt.name.value"
          @change="rename(($event.target as HTMLInputElement).value)"
        />
        <span class="block max-sm:-mt-3 max-sm:pb-1">{{ size }}</span>
      </div>
      <p v-else class="text-sm text-soft max-sm:hidden">plan the whole top first</p>
    </div>

    <nav
      v-if="quilt.id.value"
      aria-label="Stations"
      class="tape order-last flex w-full bg-tape pt-3 lg:order-none lg:w-auto lg:flex-1"
    >
      <RouterLink
        v-for="station in stations"
        :key="station.key"
        :to="`/quilts/${quilt.id.value}/${station.key}`"
        class="station flex min-w-0 flex-1 flex-col rounded-t-lg px-3 pb-2 pt-2 max-sm:justify-center max-sm:px-1 max-sm:py-1 max-sm:text-center"
        :data-here="route.path.endsWith('/' + station.key) || undefined"
        :aria-current="route.path.endsWith('/' + station.key) ? 'page' : undefined"
      >
        <span class="text-lg leading-6 font-bold">{{ station.name }}</span>
        <span class="truncate text-sm max-sm:sr-only">{{ station.count }}</span>
      </RouterLink>
    </nav>
    <nav
      v-else
      aria-label="Beside the stations"
      class="tape order-last flex w-full flex-wrap bg-tape pt-3 lg:order-none lg:w-auto lg:flex-1"
    >
      <RouterLink
        v-for="page in pages"
        :key="page.to"
        :to="page.to"
        class="station flex min-h-11 flex-col rounded-t-lg px-4 pb-2 pt-2 max-sm:min-h-0 max-sm:flex-1 max-sm:justify-center max-sm:px-2 max-sm:py-1 max-sm:text-center"
        :data-here="isIn(page) || undefined"
        :aria-current="isIn(page) ? 'page' : undefined"
      >
        <span class="text-lg leading-6 font-bold">{{ page.name }}</span>
        <span class="text-sm whitespace-nowrap max-sm:hidden">{{ page.says }}</span>
      </RouterLink>
    </nav>

    <div
      v-if="quilt.id.value"
      class="ml-auto flex flex-wrap items-center justify-end gap-2 px-2 py-2 max-sm:contents max-sm:py-1"
    >
      <RouterLink
        to="/words"
        class="button px-3 max-sm:hidden"
        aria-label="Stations, keys and words"
        title="Stations, keys and words"
        >?</RouterLink
      >
      <p
        role="status"
        class="w-20 text-right text-sm text-soft"
        :class="
          quiet
            ? 'max-sm:sr-only'
            : 'max-sm:order-last max-sm:w-full max-sm:bg-brick-pale max-sm:px-3 max-sm:py-1 max-sm:text-left'
        "
        :data-save="waiting && quilt.saveState.value === 'kept' ? 'unreachable' : quilt.saveState.value"
      >
        {{ saving }}
      </p>
      <HistoryMenu />
    </div>
    <div v-else class="ml-auto flex items-center gap-2 px-2 py-2">
      <p v-if="waiting" role="status" class="font-medium text-brick" data-save="unreachable">
        You're offline: {{ spellCount(waiting, 'change', 'changes') }} will be saved when you're back.
      </p>
      <RouterLink to="/words" class="button px-3" aria-label="Stations, keys and words" title="Stations, keys and words"
        >?</RouterLink
      >
    </div>
  </header>
</template>

<style scoped>
/* The marks of a tape measure: a long one every inch of twelve, short ones between. */
.tape {
  background-image:
    repeating-linear-gradient(to right, #17202b 0 1px, transparent 1px 48px),
    repeating-linear-gradient(to right, #17202b 0 1px, transparent 1px 12px);
  background-size:
    100% 14px,
    100% 7px;
  background-repeat: no-repeat;
  min-height: 64px;
}
@media (max-width: 639px) {
  .tape {
    min-height: 48px;
    padding-top: 8px;
  }
}
.station:hover:not([data-here]) {
  background: #ffe08a;
}
.station[data-here] {
  background: #17202b;
  color: #ffcf3f;
}
</style>
