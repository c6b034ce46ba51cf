<script setup lang="ts" generic="T">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementBounding } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { rowsOf } from './rows'

/** Many things in rows, of which only those are drawn that are seen, and some around them. */
export interface ManyRowsProps<T> {
  items: readonly T[]
  keyOf: (item: T) => string
  label: string
  /** Of one of them, in points; how many lie side by side follows. */
  leastWidth: number
  /** Of a row, until it is measured. */
  rowHeight: number
  /** How many lie side by side at least, on a telephone too. */
  fewest?: number
  /** For each row. */
  rowClass?: string
}

const props = withDefaults(defineProps<ManyRowsProps<T>>(), { fewest: 1, rowClass: '' })

const list = useTemplateRef('list')
const { width, top } = useElementBounding(list)
const across = computed(() => Math.max(props.fewest, Math.floor(width.value / props.leastWidth)))
const rows = computed(() => rowsOf(props.items, across.value))
/** How far down the page the list begins. */
const margin = ref(0)
watch([top, () => props.items.length], async () => {
  await nextTick()
  margin.value = Math.round(top.value + window.scrollY)
})
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: () => props.rowHeight,
    overscan: 3,
    scrollMargin: margin.value,
  })),
)
const shown = computed(() =>
  virtualizer.value.getVirtualItems().map((row) => ({
    index: row.index,
    top: row.start - margin.value,
    items: rows.value[row.index] ?? [],
  })),
)
const measured = (row: unknown) => row instanceof Element && virtualizer.value.measureElement(row)
</script>

<template>
  <div
    ref="list"
    class="relative"
    role="list"
    :aria-label="label"
    :style="{ height: `${virtualizer.getTotalSize()}px` }"
  >
    <div
      v-for="row in shown"
      :key="row.index"
      :ref="measured"
      :data-index="row.index"
      role="presentation"
      class="absolute inset-x-0 top-0 grid"
      :class="rowClass"
      :style="{ transform: `translateY(${row.top}px)`, gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))` }"
    >
      <div
        v-for="(item, i) in row.items"
        :key="keyOf(item)"
        role="listitem"
        class="min-w-0"
        :aria-setsize="items.length"
        :aria-posinset="row.index * across + i + 1"
      >
        <slot :item="item"></slot>
      </div>
    </div>
  </div>
</template>
