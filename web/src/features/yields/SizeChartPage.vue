<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call } from '@/api/client'
import { WaitNote } from '@/shared'
import { useYieldQuestion } from './useYieldQuestion'

const { asked } = useYieldQuestion()
const STARTS = {
  INCH: '1, 1 1/2, 2, 2 1/2, 3, 3 1/2, 4, 4 1/2, 5, 6, 8, 9, 10, 12',
  CENTIMETRE: '2.5, 4, 5, 6, 7.5, 8, 10, 12, 12.5, 15, 20, 25, 30',
}
const typedSizes = ref<string>(STARTS[asked.value.settings.system])
const sizes = computed(() =>
  typedSizes.value
    .split(/[;,\n]\s*/)
    .map((size) => size.trim())
    .filter(Boolean),
)
const question = computed(() => ({ question: { ...asked.value, wanted: 0 }, sizes: sizes.value }))
const { data: chart, error } = useQuery({
  queryKey: computed(() => ['chart', question.value]),
  queryFn: () => call('POST', '/api/yields/chart', { body: question.value }),
  placeholderData: (before) => before,
  retry: false,
})
const SCHOOL = { EXACT: 'exact', TRIM: 'trim', ROOMY: 'roomy' }
const print = () => window.print()
</script>

<template>
  <div class="mx-auto w-full max-w-6xl space-y-4 bg-white p-6 print:max-w-none print:p-0">
    <div class="flex flex-wrap items-end gap-3 print:hidden">
      <label class="flex-1"
        ><span class="mb-1 block font-medium">Finished sizes, with commas between (a decimal point within)</span
        ><input v-model="typedSizes" class="field w-full" autocomplete="off"
      /></label>
      <button class="button button-main" @click="print">Print</button>
      <RouterLink to="/yields" class="button">Back to the question</RouterLink>
    </div>
    <WaitNote v-if="error || !chart" what="the chart" :error="error" />
    <div v-if="chart" class="overflow-x-auto" tabindex="0" role="region" aria-label="The chart">
      <table class="w-full border-collapse">
        <caption class="mb-2 text-left text-xl font-bold">
          {{
            chart.unit
          }}: sizes to cut,
          {{
            chart.unitOfLength
          }}
          <span class="block text-base font-normal text-soft"
            >{{ SCHOOL[asked.settings.allowance] }} school, seam {{ asked.settings.seam }} {{ chart.unitOfLength }};
            strips and cells by their width</span
          >
        </caption>
        <thead>
          <tr class="border-b-2 border-ink text-left align-bottom">
            <th scope="col" class="p-2">finished</th>
            <th scope="col" class="p-2">trimmed</th>
            <th v-for="method in chart.methods" :key="method" scope="col" class="p-2">{{ method }}, cut</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in chart.rows" :key="row.finished" class="border-b border-line even:bg-paper">
            <th scope="row" class="p-2 text-left">{{ row.finished }}</th>
            <td class="p-2">{{ row.trimmed }}</td>
            <td v-for="(cut, i) in row.cuts" :key="i" class="p-2 font-bold">{{ cut }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>
