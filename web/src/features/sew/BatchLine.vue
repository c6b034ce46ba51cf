<script setup lang="ts">
import { computed } from 'vue'
import { PatchPicture } from '@/shared'
import type { Batch } from './queries'

export interface BatchLineProps {
  batch: Batch
  chosen: boolean
  colours: readonly string[]
  /** Units that are made and good, with taps that wait. */
  good: number
}

const props = defineProps<BatchLineProps>()
const emit = defineEmits<{ taken: [] }>()
const share = computed(() => Math.min(100, (100 * props.good) / Math.max(1, props.batch.needed)))
const SIGNS: Partial<Record<Batch['kind'], string>> = { SASHING: '╫', ROWS: '☰', BLOCKS: '▦', BORDER: '▢' }
</script>

<template>
  <button
    class="flex w-full cursor-pointer items-center gap-3 rounded-xl p-2 text-left hover:bg-tape-pale data-[chosen]:bg-ink data-[chosen]:text-white"
    :data-chosen="chosen || undefined"
    :aria-pressed="chosen"
    :title="`${batch.title}, ${batch.subtitle}`"
    @click="emit('taken')"
  >
    <PatchPicture
      v-if="batch.unit.patches.length"
      class="size-10 shrink-0"
      :width="batch.unit.width"
      :height="batch.unit.height"
      :patches="batch.unit.patches"
      :colours="batch.unit.cloths.map((cloth) => colours[cloth])"
    />
    <span
      v-else
      class="grid size-10 shrink-0 place-items-center rounded bg-paper text-xl font-bold text-ink"
      aria-hidden="true"
      >{{ SIGNS[batch.kind] ?? '◯' }}</span
    >
    <span class="min-w-0 flex-1">
      <span class="block leading-5 font-medium first-letter:uppercase">{{ batch.line.act }}</span>
      <span class="block text-sm" :class="chosen ? 'text-white' : 'text-soft'"
        ><template v-if="batch.line.of">{{ batch.line.of }}: </template>{{ good }} of {{ batch.needed
        }}<template v-if="batch.setsLeft === 0"> ✓</template></span
      >
      <span
        class="mt-1 block h-1 overflow-hidden rounded"
        :class="batch.beyondPlan > 0 ? 'bg-brick' : chosen ? 'bg-white/30' : 'bg-line'"
        aria-hidden="true"
        ><span class="block h-full bg-tape" :style="{ width: `${share}%` }"></span
      ></span>
    </span>
  </button>
</template>
