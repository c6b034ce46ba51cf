<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { PatchPicture, spellCount } from '@/shared'

type Row = Schemas['CountRow']

export interface CountsPanelProps {
  count: Schemas['CountView']
  colours: readonly string[]
  clothNames: readonly string[]
  unitOfLength: string
  /** Place of the chosen part in the picture. */
  chosenPart: number
  /** Key of the row that is pointed at or chosen. */
  litRow: string | undefined
}

const props = defineProps<CountsPanelProps>()
const emit = defineEmits<{ pointed: [row: Row | undefined]; chosen: [row: Row] }>()

const SORTS: { sort: string; title: string }[] = [
  { sort: 'unit', title: 'Units (sewn)' },
  { sort: 'piece', title: 'Plain pieces' },
  { sort: 'triangle', title: 'Loose triangles' },
  { sort: 'strip', title: 'Strips of sashing and borders' },
]
const sections = computed(() =>
  SORTS.map((each) => ({ ...each, rows: props.count.rows.filter((row) => row.sort === each.sort) })).filter(
    (each) => each.rows.length,
  ),
)
const usedBy = (row: Row) => (row.blocks ? `in ${spellCount(row.blocks, 'block', 'blocks')}` : '')
const cloths = (row: Row) =>
  [...new Set(row.cloths.map((cloth) => props.clothNames[cloth] ?? 'not dressed'))].join(', ')
</script>

<template>
  <div class="space-y-4">
    <dl class="grid grid-cols-2 gap-x-4">
      <template
        v-for="total in [
          [count.blocks, 'blocks'],
          [count.units, 'units'],
          [count.trianglesInUnits, 'triangles in the units'],
          [count.plainPieces, 'plain pieces'],
          [count.looseTriangles, 'loose triangles'],
          [count.strips, 'strips'],
        ]"
        :key="total[1]"
      >
        <div class="flex justify-between gap-2 border-b border-line py-1">
          <dt>{{ total[1] }}</dt>
          <dd class="font-bold" :data-total="total[1]">{{ total[0] }}</dd>
        </div>
      </template>
    </dl>
    <p v-if="count.blank" class="font-bold text-brick">{{ count.blank }} are still blank.</p>
    <section v-for="section in sections" :key="section.sort" :aria-label="section.title">
      <h3 class="panel-title mb-1">{{ section.title }}</h3>
      <ul class="space-y-1">
        <li v-for="row in section.rows" :key="row.key">
          <button
            class="flex w-full cursor-pointer items-center gap-3 rounded-lg border-2 border-transparent bg-white p-2 text-left hover:border-line data-[here]:border-tape-deep data-[lit]:bg-tape-pale"
            :data-lit="litRow === row.key || undefined"
            :data-here="row.parts.includes(chosenPart) || undefined"
            :aria-pressed="litRow === row.key"
            @pointerenter="emit('pointed', row)"
            @pointerleave="emit('pointed', undefined)"
            @focus="emit('pointed', row)"
            @blur="emit('pointed', undefined)"
            @click="emit('chosen', row)"
          >
            <PatchPicture
              class="size-10 shrink-0"
              :width="row.drawnWidth"
              :height="row.drawnHeight"
              :patches="row.patches"
              :colours="row.cloths.map((cloth) => colours[cloth])"
            />
            <span class="min-w-0 flex-1">
              <span class="block font-medium first-letter:uppercase"
                >{{ row.label
                }}<template v-if="row.hand !== 'NONE'"
                  >, {{ row.hand === 'LEFT' ? 'left hand' : 'right hand' }}</template
                ></span
              >
              <span class="block text-sm text-soft"
                >{{ row.finished }} {{ unitOfLength }} finished<template v-if="row.unfinished"
                  >, {{ row.unfinished }} unfinished</template
                ></span
              >
              <span class="block truncate text-sm text-soft" :title="cloths(row)"
                >{{ cloths(row) }}<template v-if="usedBy(row)"> · {{ usedBy(row) }}</template></span
              >
            </span>
            <strong class="text-lg">{{ row.count }}</strong>
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>
