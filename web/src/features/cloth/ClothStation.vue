<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, WaitNote } from '@/shared'
import ClothCard from './ClothCard.vue'
import ShelfFiles from './ShelfFiles.vue'
import ShelfReach from './ShelfReach.vue'
import { useShelf } from './queries'
import { useShelfActs } from './useShelfActs'

const client = useQueryClient()
const quilt = useOpenQuilt()
const { data: cloths, error } = useShelf()
const system = computed(() => quilt.design.value?.system ?? 'INCH')

const typed = ref('')
const understood = ref('')
/** Where a line can be meant in several ways: these, to be chosen from. */
const choices = ref<Schemas['Choice'][]>([])
const problems = ref<Problem[]>([])
/** What was done to the shelf last, said beside the field, to be taken back at once. */
const done = ref('')
const acts = useShelfActs()
const examples = computed(() =>
  system.value === 'INCH'
    ? [
        '42 squares 10 in marigold prints',
        '2 yd oat 42 wide',
        '3 fat quarters teal',
        'scrap 9 x 13 brick',
        '42 squares 10 in autumn, 21 prints, two of each',
      ]
    : [
        '42 squares 25 cm marigold prints',
        '2 m oat 110 cm wide',
        '3 fat quarters teal',
        'scrap 22 x 33 brick',
        '42 squares 25 cm autumn, 21 prints, two of each',
      ],
)

let pause: ReturnType<typeof setTimeout> | undefined
watch(typed, () => {
  clearTimeout(pause)
  problems.value = []
  choices.value = []
  if (!typed.value.trim()) {
    understood.value = ''
    return
  }
  pause = setTimeout(readBack, 200)
})

async function readBack() {
  const line = typed.value
  try {
    const answer = await call('POST', '/api/shelf/read', { body: { line, system: system.value } })
    if (line !== typed.value) return
    understood.value = answer.understood
    choices.value = answer.choices
  } catch {
    // Half a line is no mistake yet: it is refused, with the reason, once it is put on the shelf.
    if (line === typed.value) understood.value = ''
  }
}

function choose(choice: Schemas['Choice']) {
  typed.value = choice.typed
  return add()
}

async function add() {
  clearTimeout(pause)
  try {
    const added = await call('POST', '/api/shelf/lines', { body: { line: typed.value, system: system.value } })
    done.value = `Added: ${added.understood}`
    typed.value = ''
    problems.value = []
    refresh()
  } catch (thrown) {
    await readBack()
    // What can be meant in several ways is asked with buttons; the refusal says no more.
    problems.value = choices.value.length ? [] : problemsOf(thrown)
  }
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
  void client.invalidateQueries({ queryKey: ['shelf'] })
  void client.invalidateQueries({ queryKey: ['quilt'] })
}
</script>

<template>
  <div class="mx-auto grid w-full max-w-7xl gap-6 p-6 lg:grid-cols-[1fr_22rem]">
    <div class="min-w-0 space-y-6">
      <h1 class="sr-only">Cloth on the shelf</h1>
      <form class="card space-y-3 p-5" @submit.prevent="add">
        <label for="shelf-line" class="block text-lg font-bold">What have you got? One line, as you would say it</label>
        <div class="flex flex-wrap gap-2">
          <input
            id="shelf-line"
            v-model="typed"
            class="field min-w-64 flex-1 text-lg"
            autocomplete="off"
            aria-describedby="shelf-echo"
            :aria-invalid="problems.length > 0"
            :placeholder="examples[0]"
          />
          <button class="button button-main">Put on the shelf</button>
        </div>
        <p id="shelf-echo" class="min-h-6" aria-live="polite">
          <template v-if="understood"
            >Understood: <strong>{{ understood }}</strong></template
          >
          <span v-else-if="!problems.length && !choices.length" class="text-soft"
            >For example: {{ examples.slice(1).join(' · ') }}</span
          >
        </p>
        <div
          v-if="choices.length"
          role="group"
          aria-label="Which is meant?"
          class="space-y-2 rounded-lg bg-tape-pale p-3"
          data-choices
        >
          <p class="font-medium">This can be meant in {{ choices.length }} ways. Which is it?</p>
          <div class="flex flex-wrap gap-2">
            <button v-for="choice in choices" :key="choice.typed" type="button" class="button" @click="choose(choice)">
              {{ choice.understood }}
            </button>
          </div>
        </div>
        <ProblemNote :problems="problems" />
      </form>

      <div v-if="done" class="flex items-center justify-between gap-3 rounded-xl bg-ink p-3 text-white" role="status">
        <span>{{ done }}</span>
        <button class="button text-ink" @click="undo">Undo</button>
      </div>

      <WaitNote v-if="!cloths" what="the shelf" :error="error" />
      <p v-else-if="!cloths.length" class="card p-5">
        The shelf is empty. Type your first cloth above; the measured size counts, not the one on the label.
      </p>
      <ul v-else class="space-y-3" aria-label="Shelf">
        <ClothCard v-for="cloth in cloths" :key="cloth.id" :cloth="cloth" @changed="refresh" @removed="remove" />
      </ul>
    </div>
    <aside class="space-y-4">
      <ShelfReach v-if="quilt.id.value && quilt.design.value" :quilt-id="quilt.id.value" :design="quilt.design.value" />
      <ShelfFiles :system="system" @changed="refresh" />
    </aside>
  </div>
</template>
