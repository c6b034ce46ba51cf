<script setup lang="ts">
import { nextTick, onUnmounted, ref, watch } from 'vue'
import { ProblemNote } from '@/shared'
import { useHistory } from './useHistory'

const history = useHistory()
const { subject, undoes, redoes, entries, problems, open } = history
const panel = ref<HTMLElement>()
const opener = ref<HTMLButtonElement>()

const time = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' })
function close() {
  open.value = false
  opener.value?.focus()
}
function outside(event: PointerEvent) {
  if (!panel.value?.contains(event.target as Node) && !opener.value?.contains(event.target as Node)) open.value = false
}
watch(open, async (isOpen) => {
  if (!isOpen) return window.removeEventListener('pointerdown', outside)
  window.addEventListener('pointerdown', outside)
  await nextTick()
  panel.value?.focus()
})
onUnmounted(() => window.removeEventListener('pointerdown', outside))
</script>

<template>
  <div
    class="relative flex items-stretch gap-1 max-sm:items-center max-sm:pr-2"
    role="group"
    :aria-label="`Steps of ${subject}`"
  >
    <button
      class="button flex w-32 flex-col items-start justify-center px-3 leading-5 max-sm:w-auto"
      :disabled="!undoes"
      :title="undoes ? `Undo: ${undoes}` : `Nothing of ${subject} to undo`"
      @click="history.undo()"
    >
      <span
        ><span class="max-sm:sr-only">Undo</span><span class="text-xl sm:hidden" aria-hidden="true">↶</span
        ><span class="sr-only">{{ undoes ? `: ${undoes}` : '' }}</span></span
      >
      <span
        v-if="undoes"
        class="block w-full truncate text-left text-sm font-normal text-soft max-sm:hidden"
        aria-hidden="true"
        >{{ undoes }}</span
      >
    </button>
    <button
      class="button px-3 max-sm:hidden"
      :disabled="!redoes"
      :title="redoes ? `Redo: ${redoes}` : 'Nothing to do again'"
      @click="history.redo()"
    >
      Redo<span class="sr-only">{{ redoes ? `: ${redoes}` : '' }}</span>
    </button>
    <button
      ref="opener"
      class="button px-2"
      :aria-expanded="open"
      :aria-label="`All steps of ${subject}`"
      :title="`All steps of ${subject}`"
      @click="open = !open"
    >
      ⋯
    </button>
    <section
      v-if="open"
      ref="panel"
      tabindex="-1"
      class="absolute top-full right-0 z-40 mt-1 w-96 max-w-[92vw] space-y-2 rounded-xl border border-line bg-white p-3 shadow-lg outline-none"
      :aria-label="`Steps of ${subject}, newest first`"
      @keydown.esc="close"
    >
      <div class="flex gap-2">
        <button class="button flex-1 sm:hidden" :disabled="!redoes" @click="history.redo()">Redo</button>
        <RouterLink to="/yields" class="button flex-1" @click="close">Yields: what a piece gives</RouterLink>
        <RouterLink to="/words" class="button flex-1 sm:hidden" aria-label="Stations, keys and words" @click="close"
          >?</RouterLink
        >
      </div>
      <h2 class="font-bold">Steps of {{ subject }}</h2>
      <ProblemNote :problems="problems" />
      <p v-if="!entries.length" class="text-soft">Nothing has been done yet.</p>
      <ol class="max-h-[60dvh] overflow-y-auto" tabindex="-1">
        <li
          v-for="entry in entries"
          :key="entry.id"
          class="flex items-center gap-2 border-b border-line py-1.5"
          :data-undone="entry.undone || undefined"
        >
          <span class="min-w-0 flex-1" :class="{ 'text-soft': entry.undone }">
            <span class="block truncate font-medium first-letter:uppercase" :title="entry.what">{{ entry.what }}</span>
            <span class="block text-sm text-soft"
              >{{ time(entry.at) }}<template v-if="entry.shown">, shown now</template
              ><template v-if="entry.undone">, taken back</template></span
            >
          </span>
          <button
            v-if="!entry.shown && !(entry.undone && subject === 'the shelf')"
            class="button min-h-9 px-2 text-sm"
            :aria-label="`Go to: ${entry.what}`"
            @click="history.goTo(entry)"
          >
            Go to
          </button>
          <button
            v-if="entry.canTakeOut"
            class="button min-h-9 px-2 text-sm"
            :aria-label="`Take out: ${entry.what}`"
            title="Take this one out and keep what came later"
            @click="history.takeOut(entry)"
          >
            Take out
          </button>
        </li>
      </ol>
      <p class="text-sm text-soft">
        “Go to” shows {{ subject }} as it was after that step. “Take out” takes only that step back and keeps the later
        ones, where they do not depend on it.
      </p>
    </section>
  </div>
</template>
