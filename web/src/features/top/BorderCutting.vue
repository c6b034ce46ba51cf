<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { type Border, withSideJoin } from './edit/borders'
import { type Side, SIDES } from './partId'

export interface BorderCuttingProps {
  number: number
  border: Border
  prints: Schemas['BorderPrintView'][]
}

const props = defineProps<BorderCuttingProps>()
const emit = defineEmits<{ changed: [part: Pick<Border, 'join' | 'sideJoins'>] }>()

const JOINS: readonly { join: Border['join']; name: string }[] = [
  { join: 'STRAIGHT', name: 'across, joined straight' },
  { join: 'DIAGONAL', name: 'across, joined on the diagonal' },
  { join: 'ALONG_LENGTH', name: 'along the length, no join' },
]
const change = ({ join, sideJoins }: Border) => emit('changed', { join, sideJoins })
const setJoin = (join: string) => change({ ...props.border, join: join as Border['join'] })
const joinOf = (side: Side) => props.border.sideJoins.find((each) => each.side === side)?.join ?? ''
const setSide = (side: Side, join: string) =>
  change(withSideJoin(props.border, side, join ? (join as Border['join']) : undefined))
const value = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <div class="space-y-2">
    <label class="block"
      ><span class="mb-1 block leading-5 font-medium">How its strips are cut</span>
      <select class="field w-full" :value="border.join" @change="setJoin(value($event))">
        <option v-for="{ join, name } in JOINS" :key="join" :value="join">{{ name }}</option>
      </select>
    </label>
    <div v-for="print in prints" :key="print.says" class="space-y-1 rounded-lg bg-tape-pale p-2" data-print>
      <p class="first-letter:uppercase">{{ print.says }}.</p>
      <button
        v-if="print.uprightAllRound.length"
        class="button w-full"
        @click="change({ ...border, sideJoins: print.uprightAllRound })"
      >
        Stand it upright all round
      </button>
    </div>
    <details class="rounded-lg border border-line p-2" :open="border.sideJoins.length > 0">
      <summary class="min-h-8 cursor-pointer">
        Each side cut by itself: <strong>{{ border.sideJoins.length ? 'yes' : 'all alike' }}</strong>
      </summary>
      <label v-for="{ side, name } in SIDES" :key="side" class="mt-2 flex items-center gap-2">
        <span class="w-14">{{ name }}</span>
        <select
          class="field min-w-0 flex-1"
          :value="joinOf(side)"
          :aria-label="`Border ${number} ${name}, cut`"
          @change="setSide(side, value($event))"
        >
          <option value="">as the border</option>
          <option v-for="{ join, name: how } in JOINS" :key="join" :value="join">{{ how }}</option>
        </select>
      </label>
    </details>
  </div>
</template>
