<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { kept } from '@/shared'
import { isEdge } from './edit/edges'

export interface WallKeysProps {
  /** What is chosen on the wall. */
  part: Schemas['TopPartView'] | undefined
}

const props = defineProps<WallKeysProps>()
/** Once hidden, they stay hidden in this browser. */
const SHOWN = 'golden-tally.wall-keys'
const shown = ref(kept.read<boolean>(SHOWN) ?? true)
function show(now: boolean) {
  shown.value = now
  kept.write(SHOWN, now)
}
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
  <p v-if="shown" class="flex flex-wrap items-center gap-x-5 bg-ink px-4 py-2 text-white max-md:hidden">
    <span v-for="key in hints" :key="key[0]"
      ><kbd class="font-bold text-tape">{{ key[0] }}</kbd> {{ key[1] }}</span
    >
    <span class="ml-auto">{{ part ? `${part.where}: ${part.name}` : 'nothing chosen' }}</span>
    <button class="cursor-pointer underline decoration-dotted underline-offset-4" @click="show(false)">
      Hide keys
    </button>
  </p>
  <button v-else class="button m-2 min-h-9 self-end max-md:hidden" @click="show(true)">Show keys</button>
</template>
