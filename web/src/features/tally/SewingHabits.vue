<script setup lang="ts">
import { ref } from 'vue'
import type { QuiltDesign } from '@/features/quilts'

export interface SewingHabitsProps {
  plan: QuiltDesign['plan']
}

const props = defineProps<SewingHabitsProps>()
const emit = defineEmits<{ changed: [plan: QuiltDesign['plan']] }>()

function change(part: Partial<QuiltDesign['plan']>) {
  emit('changed', { ...props.plan, ...part })
}
function changeMaking(part: Partial<QuiltDesign['plan']['making']>) {
  change({ making: { ...props.plan.making, ...part } })
}
const value = (event: Event) => (event.target as HTMLSelectElement).value

const FEWEST = 3
const MOST = 1000
const refused = ref('')
function chainTyped(event: Event) {
  const text = value(event).trim()
  const squares = /^\d+$/.test(text) ? Number(text) : 0
  refused.value =
    squares >= FEWEST && squares <= MOST
      ? ''
      : `“${text}” isn’t a whole number from ${FEWEST} to ${MOST}. Type one, such as 40.`
  if (!refused.value) changeMaking({ mostSquaresAChain: squares })
}
</script>

<template>
  <label class="block"
    ><span class="mb-1 block font-medium">Marking</span>
    <select
      class="field w-full"
      :value="plan.marking"
      @change="change({ marking: value($event) as QuiltDesign['plan']['marking'] })"
    >
      <option value="CUTTING_LINE">draw the cutting line</option>
      <option value="SEWING_LINES">draw both sewing lines</option>
      <option value="NOTHING">draw nothing</option>
    </select>
  </label>
  <label class="block"
    ><span class="mb-1 block font-medium">Pressing</span>
    <select
      class="field w-full"
      :value="plan.pressing"
      @change="change({ pressing: value($event) as QuiltDesign['plan']['pressing'] })"
    >
      <option value="TO_THE_DARK">to the dark</option>
      <option value="OPEN">open</option>
      <option value="TO_THE_THINNER">to the thinner fabric</option>
    </select>
  </label>
  <fieldset>
    <legend class="font-medium">The odd unit of a group that is sewn in pairs</legend>
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="radio"
        class="size-5"
        name="odd-ones"
        :checked="plan.making.oddOnes === 'SHARED'"
        @change="changeMaking({ oddOnes: 'SHARED' })"
      />
      of loose triangles, where that saves fabric</label
    >
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="radio"
        class="size-5"
        name="odd-ones"
        :checked="plan.making.oddOnes === 'IN_PAIRS'"
        @change="changeMaking({ oddOnes: 'IN_PAIRS' })"
      />
      as one of a pair, the other spare</label
    >
  </fieldset>
  <label class="flex items-center gap-2">
    <span class="flex-1 leading-5"
      >Squares in a chain at most<span class="block text-sm text-soft">a longer one is heavy at the machine</span></span
    >
    <input
      class="field w-24"
      inputmode="numeric"
      :value="plan.making.mostSquaresAChain"
      aria-label="Squares in a chain at most"
      @change="chainTyped"
    />
  </label>
  <p v-if="refused" role="alert" class="rounded-lg bg-brick-pale p-2">{{ refused }}</p>
</template>
