<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'
import { showOnShelf } from './queries'

export interface ShelfEntryProps {
  /** What lengths are typed in. */
  system: 'INCH' | 'CENTIMETRE'
  /** What was done to the shelf last, in words, to be taken back at once; empty for nothing. */
  done: string
  /** Whether nothing is on the shelf yet: then it is shown how a line may be said. */
  isFirst: boolean
}

const props = defineProps<ShelfEntryProps>()
const emit = defineEmits<{
  /** A line was put on the shelf, as it was understood. */
  added: [understood: string, line: string | undefined]
  undo: []
}>()

const client = useQueryClient()
const typed = ref('')
/** The lots that the line speaks of, as understood. */
const lots = ref<string[]>([])
/** A line on its way to the shelf; what is typed meanwhile is another one. */
const adding = ref('')
/** A line that was refused while the next was typed already. */
const refused = ref('')
/** Where a line can be meant in several ways: these, to be chosen from. */
const choices = ref<Schemas['Choice'][]>([])
const problems = ref<Problem[]>([])
const examples = computed(() =>
  props.system === 'INCH'
    ? [
        '42 squares 10 in marigold prints',
        '2 yd oat 42 wide',
        '3 fat quarters teal',
        '1/2 yd each of sand and sky',
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
    lots.value = []
    return
  }
  pause = setTimeout(readBack, 200)
})

async function readBack() {
  const line = typed.value
  try {
    const answer = await call('POST', '/api/shelf/read', { body: { line, system: props.system } })
    if (line !== typed.value) return
    lots.value = answer.lots
    choices.value = answer.choices
  } catch {
    // Half a line is no mistake yet: it is refused, with the reason, once it is put on the shelf.
    if (line === typed.value) lots.value = []
  }
}

function choose(choice: Schemas['Choice']) {
  typed.value = choice.typed
  return add()
}

/** Lines on their way to the shelf, one after the other. */
const onTheWay: string[] = []

async function add() {
  // The field is empty at once, so Enter again adds nothing twice; what is typed meanwhile is a line of its own.
  if (!typed.value.trim() && adding.value) return
  clearTimeout(pause)
  onTheWay.push(typed.value)
  typed.value = ''
  problems.value = []
  refused.value = ''
  if (adding.value) return
  while (onTheWay.length) await addOne(onTheWay.shift()!)
  adding.value = ''
}

async function addOne(line: string) {
  adding.value = line.trim() || '…'
  try {
    const added = await call('POST', '/api/shelf/lines', { body: { line, system: props.system } })
    showOnShelf(client, added.cloths)
    // Also where she has gone on to another station by now.
    void askAnew(client, ['shelf'])
    void askAnew(client, ['quilt'])
    emit('added', added.understood, added.lines[0]?.id)
  } catch (thrown) {
    await putBack(line, problemsOf(thrown))
  }
}

/** A refused line goes back into the field, or beside it where another is being typed there. */
async function putBack(line: string, why: Problem[]) {
  if (typed.value) {
    refused.value = line
    problems.value = why
    return
  }
  typed.value = line
  await nextTick()
  clearTimeout(pause)
  await readBack()
  // What can be meant in several ways is asked with buttons; the refusal says no more.
  problems.value = choices.value.length ? [] : why
}

function editRefused() {
  typed.value = refused.value
  refused.value = ''
}
</script>

<template>
  <form data-entry class="card space-y-2 p-4" @submit.prevent="add">
    <label for="shelf-line" class="block text-lg font-bold"
      >What fabric do you have?<span class="max-sm:sr-only"> One line, as you would say it</span></label
    >
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
      <template v-if="adding"
        >Adding: <strong>{{ adding }}</strong></template
      >
      <template v-else-if="lots.length === 1"
        >Understood: <strong>{{ lots[0] }}</strong></template
      >
      <span v-else-if="lots.length" data-lots
        >Understood as {{ lots.length }} lots:
        <strong v-for="(lot, i) in lots" :key="i" class="block">{{ lot }}</strong></span
      >
      <span v-else-if="done" data-done
        >{{ done }} <button type="button" class="button ml-2 min-h-8 py-0" @click="emit('undo')">Undo</button></span
      >
      <span v-else-if="isFirst && !problems.length && !choices.length" class="text-soft"
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
    <p v-if="refused">
      Not added: <strong>{{ refused }}</strong>
      <button type="button" class="button ml-2 min-h-8 py-0" @click="editRefused">Edit it</button>
    </p>
    <ProblemNote :problems="problems" />
  </form>
</template>
