<script setup lang="ts">
import { computed, ref } from 'vue'
import { isOfSort, type Lot, type Order, ORDERS, type Sort, SORTS } from './shelfDrawing'

export interface ShelfBarProps {
  lots: readonly Lot[]
}

const props = defineProps<ShelfBarProps>()
const sort = defineModel<Sort>('sort', { required: true })
const order = defineModel<Order>('order', { required: true })
const words = defineModel<string>('words', { required: true })

/** More than this are not looked through by eye. */
const MANY = 12
const finding = ref(false)
const findable = computed(() => finding.value || props.lots.length > MANY)
/** Only where they tell something apart. */
const sorts = computed(() => {
  const some = (Object.keys(SORTS) as Sort[])
    .map((each) => ({ key: each, count: props.lots.filter((lot) => isOfSort(lot, each)).length }))
    .filter((each) => each.count)
  return some.length > 2 ? some : []
})
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <div
      v-if="sorts.length"
      class="flex gap-2 max-sm:-mx-3 max-sm:w-screen max-sm:overflow-x-auto max-sm:px-3"
      role="group"
      aria-label="Show"
    >
      <button
        v-for="each in sorts"
        :key="each.key"
        class="button shrink-0 data-[on]:bg-ink data-[on]:text-white"
        :data-on="each.key === sort || undefined"
        :aria-pressed="each.key === sort"
        @click="sort = each.key"
      >
        {{ SORTS[each.key] }} {{ each.count }}
      </button>
    </div>
    <label class="ml-auto max-sm:flex-1">
      <span class="sr-only">Order</span>
      <select v-model="order" class="field w-full">
        <option v-for="(said, each) in ORDERS" :key="each" :value="each">{{ said }}</option>
      </select>
    </label>
    <input
      v-if="findable"
      v-model="words"
      type="search"
      class="field w-48 max-sm:flex-1"
      placeholder="Find by name"
      aria-label="Find a fabric"
    />
    <button v-else class="button" @click="finding = true">Find</button>
  </div>
</template>
