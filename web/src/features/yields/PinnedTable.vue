<script setup lang="ts">
import type { MethodAnswer } from './useYieldQuestion'

export interface PinnedTableProps {
  /** Up to three methods to compare. */
  methods: readonly MethodAnswer[]
  /** "in" or "cm". */
  unitOfLength: string
}

const props = defineProps<PinnedTableProps>()
const emit = defineEmits<{ unpinned: [methodKey: string] }>()

type Gives = NonNullable<MethodAnswer['gives']>
const ROWS: { name: string; of: (gives: Gives) => string | number }[] = [
  { name: 'units from one piece of each fabric', of: (g) => g.units },
  { name: 'fabrics', of: (g) => g.cloths },
  { name: 'cut', of: (g) => `${g.cutSizes} ${props.unitOfLength}` },
  { name: 'raw', of: (g) => `${g.rawSize} ${props.unitOfLength}` },
  { name: 'trimmed', of: (g) => `${g.trimmedSize} ${props.unitOfLength}` },
  { name: 'cuts', of: (g) => g.straightCuts },
  { name: 'seams', of: (g) => g.seamLength },
  { name: 'waste', of: (g) => `${g.wastePercent} %` },
  { name: 'outer edges', of: (g) => g.edges },
  { name: 'spare units', of: (g) => g.wanted?.spare ?? '–' },
]
</script>

<template>
  <section class="rounded-xl border-2 border-ink p-3" aria-label="Compared">
    <table class="w-full">
      <thead>
        <tr>
          <td></td>
          <th v-for="method in methods" :key="method.key" scope="col" class="p-1 text-left">
            {{ method.name }}
            <button
              class="button ml-2 min-h-8 px-2"
              :aria-label="`Unpin ${method.name}`"
              @click="emit('unpinned', method.key)"
            >
              Unpin
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ROWS" :key="row.name" class="border-t border-line">
          <th scope="row" class="py-0.5 pr-3 text-left font-medium">{{ row.name }}</th>
          <td v-for="method in methods" :key="method.key" class="px-1">{{ row.of(method.gives!) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
