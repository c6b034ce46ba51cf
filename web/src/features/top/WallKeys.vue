<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { isEdge } from './edit/edges'

export interface WallKeysProps {
  /** What is chosen on the wall. */
  part: Schemas['TopPartView'] | undefined
}

const props = defineProps<WallKeysProps>()
const ANY_HINTS = [
  ['L', 'lock'],
  ['E', 'exchange'],
  ['1–9', 'cloth'],
  ['/', 'find one'],
  ['P', 'next fabric in it'],
  ['G', 'grey'],
]
const BLOCK_HINTS = [['↑↓←→', 'choose'], ['R', 'turn'], ['M', 'mirror'], ...ANY_HINTS, ['Enter', 'build']]
const EDGE_HINTS = [['↑↓←→', 'choose'], ['U', 'next unit along it'], ['W', 'wider'], ...ANY_HINTS]
const hints = computed(() => (isEdge(props.part) ? EDGE_HINTS : BLOCK_HINTS))
</script>

<template>
  <p class="flex flex-wrap gap-x-5 bg-ink px-4 py-2 text-white max-md:hidden">
    <span v-for="key in hints" :key="key[0]"
      ><kbd class="font-bold text-tape">{{ key[0] }}</kbd> {{ key[1] }}</span
    >
    <span class="ml-auto">{{ part ? `${part.where}: ${part.name}` : 'nothing chosen' }}</span>
  </p>
</template>
