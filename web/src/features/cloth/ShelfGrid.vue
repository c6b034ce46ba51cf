<script setup lang="ts">
import { ManyRows } from '@/shared'
import LotPicture from './LotPicture.vue'
import { type Lot, summary } from './shelfDrawing'

export interface ShelfGridProps {
  lots: readonly Lot[]
  /** By its key; what is known of it stands beside the shelf. */
  chosen: string | undefined
}

defineProps<ShelfGridProps>()
const emit = defineEmits<{ chosen: [key: string] }>()

/** So wide that a fabric is known by its colour and its name is read whole; two beside each other on a telephone. */
const LEAST_WIDTH = 150
const ROW_HEIGHT = 196
</script>

<template>
  <ManyRows
    v-slot="{ item: lot }"
    :items="lots"
    :key-of="(lot) => lot.key"
    label="Shelf"
    :least-width="LEAST_WIDTH"
    :row-height="ROW_HEIGHT"
    :fewest="2"
    row-class="items-end gap-2 border-b-8 border-[#c99d5f] pt-3 pb-1"
  >
    <button
      class="flex w-full cursor-pointer flex-col rounded-xl border-2 border-transparent p-2 text-left hover:bg-white data-[chosen]:border-tape-deep data-[chosen]:bg-tape-pale"
      :data-chosen="lot.key === chosen || undefined"
      :aria-pressed="lot.key === chosen"
      :data-lot="lot.name"
      @click="emit('chosen', lot.key)"
    >
      <LotPicture :lot="lot" class="mb-1 max-h-24" />
      <strong class="line-clamp-2 leading-5">{{ lot.name }}</strong>
      <span class="line-clamp-2 text-sm leading-4 text-soft">{{ summary(lot) }}</span>
    </button>
  </ManyRows>
</template>
