<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf } from '@/api/client'
import { ProblemNote, spellCount } from '@/shared'
import PriceForm from './PriceForm.vue'

export interface ShelfFilesProps {
  /** For lines that do not say their unit. */
  system: 'INCH' | 'CENTIMETRE'
}

const props = defineProps<ShelfFilesProps>()
const emit = defineEmits<{ changed: [] }>()

const client = useQueryClient()
const problems = ref<Problem[]>([])
const said = ref('')
const { data: prices } = useQuery({ queryKey: ['shelf', 'prices'], queryFn: () => call('GET', '/api/shelf/prices') })
/** The list is changed as it is shown here: whoever changed it meanwhile is not overruled in silence. */
const shownList = () => ({ version: prices.value?.version })

async function attempt(work: () => Promise<string>) {
  said.value = ''
  try {
    said.value = await work()
    problems.value = []
    await askAnew(client, ['shelf'])
    emit('changed')
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
/** Reads a chosen file and hands on its text. */
async function withText(event: Event, work: (text: string) => Promise<string>) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await attempt(async () => work(await file.text()))
  input.value = ''
}
/** A file with lines that the shelf has already: nothing of it is put there before the quilter says what is meant. */
const asked = ref<{ text: string; there: number; fresh: number }>()

async function bringIn(text: string, doubles: 'ASK' | 'LEAVE_OUT' | 'ADD' = 'ASK') {
  const read = await call('POST', '/api/shelf/csv', { query: { doubles }, body: { text, system: props.system } })
  const open = doubles === 'ASK' && read.alreadyThere > 0
  asked.value = open ? { text, there: read.alreadyThere, fresh: read.inFile - read.alreadyThere } : undefined
  return open ? '' : `${spellCount(read.put, 'line', 'lines')} put on the shelf.`
}
const takePrices = (text: string) =>
  call('PUT', '/api/shelf/prices', { query: shownList(), body: { text, system: props.system } }).then(
    (list) => `The price list has ${spellCount(list.entries.length, 'line', 'lines')}.`,
  )
/** The first line of a file names its columns; the form has none such, so its lines are counted from one. */
async function keepTyped(csv: string) {
  await attempt(() => takePrices(csv))
  problems.value = problems.value.map((problem) => ({
    ...problem,
    where: problem.where.replace(/line (\d+)/, (_, line) => `line ${Number(line) - 1}`),
  }))
}
</script>

<template>
  <section class="card space-y-3 p-4" aria-labelledby="files-title">
    <h2 id="files-title" class="text-lg font-bold">Files and prices</h2>
    <p v-if="said" role="status" class="rounded-lg bg-tape-pale p-2">{{ said }}</p>
    <div v-if="asked" class="space-y-2 rounded-lg bg-tape-pale p-2">
      <p role="status">
        The shelf has {{ spellCount(asked.there, 'line', 'lines') }} of this file already: the same pieces of the same
        fabric. Nothing is put there yet.
      </p>
      <button class="button w-full" @click="attempt(() => bringIn(asked!.text, 'LEAVE_OUT'))">
        {{
          asked.fresh
            ? `Only the ${spellCount(asked.fresh, 'new line', 'new lines')}, and its colours and prices`
            : 'No line, only its colours and prices'
        }}
      </button>
      <button class="button w-full" @click="attempt(() => bringIn(asked!.text, 'ADD'))">
        All {{ asked.there + asked.fresh }}: it is more of the same
      </button>
      <button class="button w-full" @click="asked = undefined">Nothing of it</button>
    </div>
    <ProblemNote :problems="problems" />
    <div class="space-y-2">
      <a class="button inline-flex w-full items-center justify-center" href="/api/shelf/csv" download="shelf.csv"
        >Shelf as a CSV file</a
      >
      <label class="block">
        <span class="mb-1 block font-medium">Put a CSV file on the shelf</span>
        <input
          type="file"
          accept=".csv,text/csv"
          class="field w-full"
          @change="withText($event, (text) => bringIn(text))"
        />
      </label>
    </div>
    <div class="space-y-2 border-t border-line pt-3">
      <h3 class="font-bold">Price list</h3>
      <p class="text-soft">A price you type for a fabric beats the price list.</p>
      <details v-if="prices" :open="!prices.entries.length">
        <summary class="cursor-pointer py-2 underline decoration-dotted">
          {{ prices.entries.length ? `The ${spellCount(prices.entries.length, 'line', 'lines')} of it` : 'Type one' }}
        </summary>
        <PriceForm :entries="prices.entries" @wanted="keepTyped" />
      </details>
      <label class="block">
        <span class="mb-1 block font-medium">Take another list: a CSV file with the columns cloth, kind, price</span>
        <input type="file" accept=".csv,text/csv" class="field w-full" @change="withText($event, takePrices)" />
      </label>
      <div class="flex gap-2">
        <button
          class="button flex-1"
          @click="
            attempt(() =>
              call('POST', '/api/shelf/prices/made-up', { query: shownList() }).then(
                () => 'The made-up list is taken: try it out, then take your shop\'s.',
              ),
            )
          "
        >
          Made-up list
        </button>
        <button
          class="button"
          :disabled="!prices?.entries.length"
          @click="
            attempt(() =>
              call('DELETE', '/api/shelf/prices', { query: shownList() }).then(() => 'No price list any more.'),
            )
          "
        >
          None
        </button>
      </div>
    </div>
  </section>
</template>
