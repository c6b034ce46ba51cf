<script setup lang="ts">
import { computed, ref } from 'vue'
import { kept } from '@/shared'
import type { Schemas } from '@/api/client'
import ClothCard from './ClothCard.vue'
import { lotsOf, lying, type Order, ordered, ORDERS, summary } from './shelfDrawing'

export interface ShelfPictureProps {
  cloths: readonly Schemas['ShelfClothView'][]
}

const props = defineProps<ShelfPictureProps>()
const emit = defineEmits<{ changed: []; removed: [line: Schemas['ShelfLineView']] }>()

const KEY = 'golden-tally.shelf-order'
const MOST_DRAWN = 5
const order = ref<Order>(kept.read<Order>(KEY) ?? 'newest')
const open = ref<string>()
const lots = computed(() => ordered(lotsOf(props.cloths), order.value in ORDERS ? order.value : 'newest'))
const opened = computed(() => lots.value.find((lot) => lot.key === open.value))

function choose(event: Event) {
  order.value = (event.target as HTMLSelectElement).value as Order
  kept.write(KEY, order.value)
}

/** Pieces one above the other, all of the shelf to one scale: 12 in wide, 11 high. */
function drawn(lot: { cloths: Schemas['ShelfClothView'][] }) {
  const pieces = lot.cloths
    .flatMap((cloth) => cloth.lines.map((line) => ({ ...lying(line.piece, line.count), colour: cloth.colour })))
    .slice(0, MOST_DRAWN)
  let y = 11.5
  return pieces.flatMap((piece) => {
    const width = Math.min(11.5, piece.width)
    const height = Math.min(10.5 / pieces.length - 0.25, piece.height)
    y -= height + 0.25
    return Array.from({ length: piece.layers }, (_, i) => ({
      key: `${y} ${i}`,
      x: 0.25 + 0.16 * i,
      y: y - 0.16 * i,
      width: width - 0.16 * (piece.layers - 1),
      height,
      colour: piece.colour,
    }))
  })
}
</script>

<template>
  <section aria-label="Shelf" class="space-y-4">
    <label class="flex items-center gap-2"
      >Order
      <select class="field" :value="order" @change="choose">
        <option v-for="(words, each) in ORDERS" :key="each" :value="each">{{ words }}</option>
      </select>
    </label>
    <ul v-if="opened" class="space-y-3" :aria-label="`Of ${opened.name}`" data-opened>
      <ClothCard
        v-for="cloth in opened.cloths"
        :key="cloth.id"
        :cloth="cloth"
        @changed="emit('changed')"
        @removed="emit('removed', $event)"
      />
    </ul>
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-2">
      <li v-for="lot in lots" :key="lot.key">
        <button
          class="card flex h-full w-full cursor-pointer flex-col items-center gap-1 p-2 text-center data-[chosen]:border-2 data-[chosen]:border-tape-deep"
          :data-chosen="lot.key === open || undefined"
          :aria-expanded="lot.key === open"
          data-lot
          @click="open = lot.key === open ? undefined : lot.key"
        >
          <svg viewBox="0 0 12 12" class="size-20" aria-hidden="true">
            <rect
              v-for="piece in drawn(lot)"
              :key="piece.key"
              :x="piece.x"
              :y="piece.y"
              :width="piece.width"
              :height="piece.height"
              rx="0.15"
              :fill="piece.colour"
              stroke="#17202b"
              stroke-width="0.08"
            />
          </svg>
          <strong class="w-full truncate">{{ lot.name }}</strong>
          <span class="line-clamp-2 text-sm text-soft">{{ summary(lot) }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>
