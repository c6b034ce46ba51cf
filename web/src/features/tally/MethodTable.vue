<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { ProblemNote, spellCount } from '@/shared'
import type { Method } from './queries'

export interface MethodTableProps {
  /** All methods, side by side. */
  tally: Schemas['TallyView']
}

const props = defineProps<MethodTableProps>()
const emit = defineEmits<{ chosen: [methodKey: string] }>()

/** A figure of one method, and the working behind it. */
interface Figure {
  text: string
  workings: Schemas['Working'][]
}

const working = (method: Method, ...whats: string[]) => method.workings.filter((each) => whats.some((what) => each.what.startsWith(what)))
const clothName = (method: Method, role: string) => method.cloths.find((cloth) => cloth.role === role)!

const rows = computed(() => {
  const unit = props.tally.unitOfLength
  const rows: { name: string; of: (method: Method) => Figure }[] = [
    { name: `Cut size, ${unit}`, of: (m) => ({ text: m.cutSize, workings: working(m, 'Cut') }) },
    { name: `Raw size before trimming, ${unit}`, of: (m) => ({ text: m.rawSize, workings: working(m, 'Raw') }) },
    { name: `Trimmed size, ${unit}`, of: (m) => ({ text: m.trimmedSize, workings: working(m, 'Trimmed') }) },
    { name: 'Units a pair', of: (m) => ({ text: String(m.unitsPerSet), workings: working(m, 'How many') }) },
    { name: 'Pairs of squares', of: (m) => ({ text: String(m.sets), workings: working(m, 'How many') }) },
  ]
  for (const role of ['A', 'B']) {
    const name = clothName(props.tally.methods[0]!, role).name
    rows.push({
      name: `Squares of ${name}`,
      of: (m) => ({ text: String(clothName(m, role).needed), workings: clothName(m, role).workings }),
    })
    rows.push({
      name: `Left over of ${name}`,
      of: (m) => ({ text: leftOver(clothName(m, role)), workings: clothName(m, role).workings }),
    })
  }
  rows.push(
    { name: 'Spare units', of: (m) => ({ text: String(m.spare), workings: working(m, 'Spare') }) },
    { name: 'Outer edges', of: (m) => ({ text: m.edges, workings: working(m, 'Outer') }) },
    { name: 'Seam may be as wide as', of: (m) => ({ text: m.widestSeam ?? '–', workings: working(m, 'Widest') }) },
  )
  return rows
})

function leftOver(cloth: Schemas['ClothUseView']): string {
  if (cloth.shortBy) return `short ${cloth.shortBy}`
  const whole = cloth.pieces.filter((piece) => piece.untouched > 0)
  const parts = whole.map((piece) => `${piece.untouched} whole`)
  const rest = cloth.pieces.flatMap((piece) => piece.leftovers)
  if (rest.length) parts.push(rest.at(-1)!)
  return parts.join(', ') || 'nothing to keep'
}

const opened = ref<{ method: string; row: string }>()
const openedFigure = computed(() => {
  const method = props.tally.methods.find((each) => each.key === opened.value?.method)
  const row = rows.value.find((each) => each.name === opened.value?.row)
  return method && row ? { title: `${row.name}, ${method.name}`, workings: row.of(method).workings } : undefined
})
function toggle(method: string, row: string) {
  opened.value = opened.value?.method === method && opened.value.row === row ? undefined : { method, row }
}
</script>

<template>
  <div class="space-y-3">
    <div class="overflow-x-auto">
      <table class="w-full border-collapse">
        <caption class="panel-title mb-2 text-left">Ways to make them – open any figure to see how it came about</caption>
        <thead>
          <tr>
            <td></td>
            <th v-for="method in tally.methods" :key="method.key" scope="col" class="p-1 text-left">
              <button
                class="button w-full data-[chosen]:bg-ink data-[chosen]:text-tape"
                :aria-pressed="method.chosen"
                :data-chosen="method.chosen || undefined"
                :data-method="method.key"
                @click="emit('chosen', method.key)"
              >
                {{ method.name }}
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.name" class="border-t border-line">
            <th scope="row" class="py-1 pr-3 text-left font-medium">{{ row.name }}</th>
            <td v-for="method in tally.methods" :key="method.key" class="px-1 data-[chosen]:bg-tape-pale" :data-chosen="method.chosen || undefined">
              <button
                v-if="row.of(method).workings.length"
                class="min-h-8 w-full cursor-pointer rounded px-3 text-left underline decoration-dotted underline-offset-4 hover:bg-tape data-[short]:font-bold data-[short]:text-brick"
                :data-short="row.of(method).text.startsWith('short') || undefined"
                :aria-expanded="opened?.method === method.key && opened.row === row.name"
                @click="toggle(method.key, row.name)"
              >
                {{ row.of(method).text }}
              </button>
              <span v-else class="px-3">{{ row.of(method).text }}</span>
            </td>
          </tr>
          <tr class="border-t border-line align-top">
            <th scope="row" class="py-2 pr-3 text-left font-medium">With this shelf</th>
            <td v-for="method in tally.methods" :key="method.key" class="px-4 py-2 data-[chosen]:bg-tape-pale" :data-chosen="method.chosen || undefined">
              <strong v-if="!method.possible" class="text-brick">not possible</strong>
              <strong v-else-if="!method.enough" class="text-brick">short</strong>
              <strong v-else class="text-leaf">enough</strong>
            </td>
          </tr>
        </tbody>
      </table>
    </div>

    <section v-if="openedFigure" class="rounded-xl border border-[#d9b95a] bg-tape-pale p-4" aria-live="polite">
      <h3 class="font-bold">How it was worked out: {{ openedFigure.title }}</h3>
      <p v-for="each in openedFigure.workings" :key="each.what"><span class="text-soft">{{ each.what }}:</span> {{ each.how }}</p>
    </section>

    <template v-for="method in tally.methods" :key="method.key">
      <div v-if="method.obstacles.length">
        <h3 class="mb-1 font-bold">Why {{ method.name }} is not possible ({{ spellCount(method.obstacles.length, 'reason', 'reasons') }})</h3>
        <ProblemNote :problems="method.obstacles" hint />
      </div>
    </template>
  </div>
</template>
