<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'

export interface SizeTableProps {
  /** Every size as worked out. */
  sizes: readonly Schemas['SizeView'][]
  /** "in" or "cm". */
  unitOfLength: string
  /** The one size that was typed, to the letter. */
  typed: Schemas['BlockSizeTyped']
  /** What is the matter with it. */
  problems: readonly Problem[]
}

const props = defineProps<SizeTableProps>()
const emit = defineEmits<{ typed: [size: Schemas['BlockSizeTyped']] }>()

type Of = Schemas['BlockSizeTyped']['of']
type As = Schemas['BlockSizeTyped']['as']

const rows = computed(() =>
  (['BLOCK', 'UNIT'] as Of[]).map((of, i) => ({ of, name: of === 'BLOCK' ? 'Block' : 'Unit', size: props.sizes[i]! })),
)
const top = computed(() => props.sizes[2]!)
const columns: { as: As; name: string }[] = [
  { as: 'FINISHED', name: 'finished' },
  { as: 'UNFINISHED', name: 'unfinished' },
]
const isTyped = (of: Of, as: As) => props.typed.of === of && props.typed.as === as

/** The field that was typed in keeps its words; the others show what follows from them. */
function shown(of: Of, as: As, size: Schemas['SizeView']): string {
  if (isTyped(of, as)) return props.typed.typed
  return as === 'FINISHED' ? size.finishedWidth : size.unfinishedWidth
}
</script>

<template>
  <table class="w-full">
    <caption class="mb-1 text-left font-medium">Sizes in {{ unitOfLength === 'in' ? 'inches' : 'centimetres' }}: type any one</caption>
    <thead>
      <tr class="text-left text-soft">
        <td></td>
        <th v-for="column in columns" :key="column.as" scope="col" class="font-medium">{{ column.name }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.of">
        <th scope="row" class="pr-2 text-left font-medium">{{ row.name }}</th>
        <td v-for="column in columns" :key="column.as" class="py-1 pr-1">
          <input
            class="field w-full data-[typed]:font-bold"
            :data-typed="isTyped(row.of, column.as) || undefined"
            :aria-label="`${row.name} size, ${column.name}`"
            :aria-invalid="isTyped(row.of, column.as) && problems.length > 0"
            :value="shown(row.of, column.as, row.size)"
            autocomplete="off"
            @input="emit('typed', { of: row.of, as: column.as, typed: ($event.target as HTMLInputElement).value })"
          />
        </td>
      </tr>
      <tr>
        <th scope="row" class="pr-2 text-left font-medium">Top</th>
        <td class="px-2 py-2 font-bold">{{ top.finishedWidth }} × {{ top.finishedHeight }}</td>
        <td class="px-2 py-2">{{ top.unfinishedWidth }} × {{ top.unfinishedHeight }}</td>
      </tr>
    </tbody>
  </table>
</template>
