<script setup lang="ts">
import { type Print, usePrints } from './paints'
import PrintSwatch from './PrintSwatch.vue'

export interface PrintChoiceProps {
  /** Of the fabric. */
  name: string
  colour: string
  chosen: Print
}

defineProps<PrintChoiceProps>()
const emit = defineEmits<{ chosen: [print: Print] }>()
const { data: prints } = usePrints()
</script>

<template>
  <fieldset>
    <legend class="font-medium">Print</legend>
    <p class="mb-1 text-sm text-soft">Your quilts are drawn in it. A photograph shows on the shelf only.</p>
    <div class="grid grid-cols-[repeat(auto-fill,minmax(4.5rem,1fr))] gap-2">
      <label v-for="print in prints" :key="print.key" class="cursor-pointer text-center text-sm leading-4">
        <input
          type="radio"
          class="peer sr-only"
          :name="`print-of-${name}`"
          :value="print.key"
          :checked="print.key === chosen"
          @change="emit('chosen', print.key)"
        />
        <PrintSwatch
          class="block h-12 w-full rounded border border-[#8b959c] peer-checked:outline-3 peer-checked:outline-ink peer-focus-visible:outline-3 peer-focus-visible:outline-tape-deep"
          :colour="colour"
          :print="print.key"
        />
        {{ print.name }}
      </label>
    </div>
  </fieldset>
</template>
