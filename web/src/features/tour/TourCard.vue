<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { nextTick, onUnmounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { type Problem, problemsOf } from '@/api/client'
import { ProblemNote } from '@/shared'
import { useTour } from './useTour'

const route = useRoute()
const router = useRouter()
const client = useQueryClient()
const { stop, number, of, move, end } = useTour(router)
const card = useTemplateRef<HTMLElement>('card')
const problems = ref<Problem[]>([])
const box = ref<{ left: string; top: string; width: string; height: string }>()
let shown: Element | null = null

function outline() {
  const area = shown?.isConnected ? shown.getBoundingClientRect() : undefined
  box.value = area && {
    left: `${area.left - 4}px`,
    top: `${area.top - 4}px`,
    width: `${area.width + 8}px`,
    height: `${area.height + 8}px`,
  }
}
/** What is told of may come once its answer is here, and move while the page is put together. */
const looking = setInterval(() => {
  if (!stop.value) return
  if (!shown?.isConnected) {
    shown = document.querySelector(stop.value.target)
    const area = shown?.getBoundingClientRect()
    // A tall one is seen well enough from where it begins.
    if (area && (area.bottom < 0 || area.top > window.innerHeight / 2)) shown?.scrollIntoView({ block: 'start' })
  }
  outline()
}, 250)
onUnmounted(() => clearInterval(looking))
watch(
  [() => stop.value?.title, () => route.path],
  async () => {
    shown = null
    box.value = undefined
    await nextTick()
    card.value?.focus({ preventScroll: true })
  },
  { immediate: true },
)
async function leave(keep: boolean) {
  try {
    await end(keep)
    problems.value = []
    await askAnew(client, ['quilts'])
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <template v-if="stop && !route.meta.bare">
    <div
      v-if="box"
      class="pointer-events-none fixed z-30 rounded-xl border-4 border-tape-deep"
      :style="box"
      aria-hidden="true"
      data-tour-outline
    ></div>
    <aside
      ref="card"
      tabindex="-1"
      aria-label="The tour"
      class="fixed bottom-3 left-3 z-40 max-h-[60dvh] w-[26rem] max-w-[calc(100vw-1.5rem)] space-y-2 overflow-y-auto rounded-2xl border-2 border-ink bg-white p-4 shadow-xl outline-none"
    >
      <p class="text-soft">Tour, {{ number }} of {{ of }}</p>
      <h2 class="text-lg font-bold">{{ stop.title }}</h2>
      <p>{{ stop.says }}</p>
      <p><strong>Try:</strong> {{ stop.try }}</p>
      <ProblemNote :problems="problems" />
      <div class="flex flex-wrap gap-2">
        <button v-if="number > 1" class="button" @click="move(-1)">Back</button>
        <button v-if="number < of" class="button button-main" @click="move(1)">On</button>
        <template v-if="number === of">
          <button class="button button-main" @click="leave(true)">End, and keep the quilt</button>
          <button class="button" @click="leave(false)">End, and delete it</button>
        </template>
        <button v-else class="button ml-auto" @click="leave(true)">End the tour</button>
      </div>
    </aside>
  </template>
</template>
