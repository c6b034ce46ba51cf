<script setup lang="ts">
import { PatchPicture } from '@/shared'
import type { Batch } from './queries'

export interface BatchLineProps {
  batch: Batch
  chosen: boolean
  colours: readonly string[]
  /** Units that are made and good, with taps that wait. */
  good: number
}

defineProps<BatchLineProps>()
const emit = defineEmits<{ taken: [] }>()
const SIGNS: Partial<Record<Batch['kind'], string>> = { SASHING: '╫', ROWS: '☰', BLOCKS: '▦', BORDER: '▢' }
</script>

<template>
  <button
    class="card flex w-full cursor-pointer items-center gap-3 p-2 text-left data-[chosen]:border-2 data-[chosen]:border-tape-deep"
    :data-chosen="chosen || undefined"
    :aria-pressed="chosen"
    @click="emit('taken')"
  >
    <PatchPicture
      v-if="batch.unit.patches.length"
      class="size-11 shrink-0"
      :width="batch.unit.width"
      :height="batch.unit.height"
      :patches="batch.unit.patches"
      :colours="batch.unit.cloths.map((cloth) => colours[cloth])"
    />
    <span
      v-else
      class="grid size-11 shrink-0 place-items-center rounded bg-paper text-xl font-bold"
      aria-hidden="true"
      >{{ SIGNS[batch.kind] ?? '◯' }}</span
    >
    <span class="min-w-0 flex-1">
      <span class="block leading-5 font-medium first-letter:uppercase" :title="batch.title">{{ batch.title }}</span>
      <span class="line-clamp-2 text-sm text-soft" :title="batch.subtitle">{{ batch.subtitle }}</span>
      <span
        class="block text-sm"
        :class="{ 'font-bold text-leaf': batch.setsLeft === 0, 'font-bold text-brick': batch.beyondPlan > 0 }"
        >{{ good }} of {{ batch.needed }}<template v-if="batch.setsLeft === 0"> ✓</template></span
      >
    </span>
  </button>
</template>
