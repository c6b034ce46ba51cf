<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '@/api/client'

type Entry = Schemas['PriceEntry']

export interface PriceFormProps {
  /** As they are kept. */
  entries: readonly Entry[]
}

const props = defineProps<PriceFormProps>()
const emit = defineEmits<{ wanted: [csv: string] }>()

const EMPTY: Entry = { cloth: '', kind: '', price: '' }
const lines = ref<Entry[]>([])
/** What is typed stays until it is kept, or the list comes in another way. */
watch(
  () => props.entries,
  (entries) => (lines.value = [...entries.map((entry) => ({ ...entry })), { ...EMPTY }]),
  { immediate: true },
)

const isEmpty = (line: Entry) => !line.cloth.trim() && !line.kind.trim() && !line.price.trim()
const changed = () =>
  JSON.stringify(lines.value.filter((line) => !isEmpty(line))) !== JSON.stringify(props.entries.map((each) => each))
function typed() {
  if (!isEmpty(lines.value.at(-1)!)) lines.value.push({ ...EMPTY })
}
function remove(place: number) {
  lines.value.splice(place, 1)
  if (!lines.value.length) lines.value.push({ ...EMPTY })
}
const cell = (text: string) => `"${text.trim().replaceAll('"', '""')}"`
/** Empty lines go first, so that a refusal and the form count the lines alike. */
function keep() {
  const said = lines.value.filter((line) => !isEmpty(line))
  lines.value = [...said, { ...EMPTY }]
  const rows = said.map((line) => [line.cloth, line.kind, line.price].map(cell).join(','))
  emit('wanted', ['cloth,kind,price', ...rows].join('\r\n') + '\r\n')
}
</script>

<template>
  <form class="space-y-2" @submit.prevent="keep">
    <p class="text-soft">
      A line for a fabric or a pack by its name, for a kind, or for any fabric. A price is for a length (“12.50 a yard,
      at least 1/2 yd”), “3.20 a fat quarter”, “0.80 each” or “42 a pack”.
    </p>
    <ul class="space-y-2">
      <li v-for="(line, i) in lines" :key="i" class="flex flex-wrap gap-1 rounded-lg border border-line p-2">
        <input
          v-model="line.cloth"
          class="field min-w-24 flex-1"
          maxlength="200"
          placeholder="any fabric"
          :aria-label="`Line ${i + 1}: name of a fabric or a pack, empty for any`"
          @input="typed"
        />
        <input
          v-model="line.kind"
          class="field min-w-24 flex-1"
          maxlength="200"
          placeholder="any kind"
          :aria-label="`Line ${i + 1}: kind of fabric, empty for any`"
          @input="typed"
        />
        <input
          v-model="line.price"
          class="field min-w-32 flex-[2]"
          maxlength="200"
          placeholder="12.50 a yard"
          :aria-label="`Line ${i + 1}: price`"
          @input="typed"
        />
        <button
          v-if="i < lines.length - 1"
          type="button"
          class="button"
          :aria-label="`Take line ${i + 1} off the price list`"
          @click="remove(i)"
        >
          ✕
        </button>
      </li>
    </ul>
    <button class="button w-full" :disabled="!changed()">Keep this price list</button>
  </form>
</template>
