<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { call } from '@/api/client'
import { WaitNote } from '@/shared'

export interface YearInFabricProps {
  system: 'INCH' | 'CENTIMETRE'
}

const props = defineProps<YearInFabricProps>()
const { data: year, error } = useQuery({
  queryKey: computed(() => ['shelf', 'year', props.system]),
  queryFn: () => call('GET', '/api/shelf/year', { query: { system: props.system } }),
  retry: false,
})

/** The last twelve months in which anything happened. */
const MOST_MONTHS = 12
const HEIGHT = 120
const WIDTH = 44
const BAR = 16
const months = computed(() => (year.value?.months ?? []).slice(-MOST_MONTHS))
const used = (row: { cut: number; trimmed: number; takenOff: number }) => row.cut + row.trimmed + row.takenOff
const most = computed(() => Math.max(0.1, ...months.value.flatMap((row) => [row.came, used(row)])))
const bar = (figure: number) => (HEIGHT * figure) / most.value
const named = (month: string) =>
  new Date(`${month}-15T12:00:00Z`).toLocaleDateString('en', { month: 'short', year: '2-digit' })
const fabrics = computed(() => (year.value?.fabrics ?? []).toSorted((a, b) => used(b) - used(a) || b.left - a.left))
const COLUMNS = ['came', 'cut', 'trimmed', 'takenOff', 'left'] as const
const HEADINGS = { came: 'came', cut: 'cut', trimmed: 'trimmed', takenOff: 'taken off', left: 'left' }
</script>

<template>
  <WaitNote v-if="!year" what="the year in fabric" :error="error" />
  <p v-else-if="!months.length">Nothing has come or gone yet.</p>
  <div v-else class="space-y-5" data-year>
    <p class="text-soft">In {{ year.unit }}.</p>
    <figure>
      <svg
        :viewBox="`0 0 ${MOST_MONTHS * WIDTH} ${HEIGHT + 46}`"
        class="w-full"
        role="img"
        aria-label="What came and what was used, month by month; the table below has the figures"
      >
        <g v-for="(row, i) in months" :key="row.what" :transform="`translate(${i * WIDTH}, 20)`">
          <rect x="4" :y="HEIGHT - bar(row.came)" :width="BAR" :height="bar(row.came)" class="fill-tape" />
          <rect :x="4 + BAR + 2" :y="HEIGHT - bar(used(row))" :width="BAR" :height="bar(used(row))" class="fill-ink" />
          <text :x="WIDTH / 2 - 1" :y="HEIGHT + 16" text-anchor="middle" font-size="10">{{ named(row.what) }}</text>
        </g>
      </svg>
      <figcaption class="flex gap-4">
        <span><span class="mr-1 inline-block size-3 bg-tape"></span>came</span>
        <span><span class="mr-1 inline-block size-3 bg-ink"></span>cut, trimmed or taken off</span>
      </figcaption>
    </figure>
    <table class="w-full text-right">
      <thead>
        <tr class="border-b border-line">
          <th scope="col" class="py-1 text-left">fabric</th>
          <th v-for="column in COLUMNS" :key="column" scope="col" class="py-1 pl-2">{{ HEADINGS[column] }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in fabrics" :key="row.what" class="border-b border-line">
          <th scope="row" class="py-1 text-left font-normal">{{ row.what }}</th>
          <td v-for="column in COLUMNS" :key="column" class="py-1 pl-2 tabular-nums">
            {{ row[column] ? row[column].toFixed(1) : '–' }}
          </td>
        </tr>
      </tbody>
    </table>
    <a class="button inline-flex" :href="`/api/shelf/year.csv?system=${system}`">Save as a table</a>
  </div>
</template>
