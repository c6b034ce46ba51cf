<script setup lang="ts">
import { ref } from 'vue'
import type { QuiltDesign } from '@/features/quilts'

export interface AtTheTableProps {
  plan: QuiltDesign['plan']
  usualSquaringUp: string
}

const props = defineProps<AtTheTableProps>()
const emit = defineEmits<{ changed: [plan: QuiltDesign['plan']] }>()

const MOST_LAYERS = 12
const refused = ref('')

function change(part: Partial<QuiltDesign['plan']>) {
  emit('changed', { ...props.plan, ...part })
}
const textOf = (event: Event) => (event.target as HTMLInputElement).value.trim()
function setLayers(event: Event) {
  const text = textOf(event)
  const layers = /^\d+$/.test(text) ? Number(text) : 0
  refused.value =
    layers >= 1 && layers <= MOST_LAYERS
      ? ''
      : `“${text}” isn’t a whole number from 1 to ${MOST_LAYERS}. Type one, such as 4.`
  if (!refused.value) change({ layers })
}
</script>

<template>
  <label class="flex items-center gap-2">
    <span class="flex-1 leading-5"
      >Squaring up an end takes<span class="block text-sm text-soft"
        >off each length of fabric, {{ usualSquaringUp }} unless you say</span
      ></span
    >
    <input
      class="field w-24"
      data-squaring
      :value="plan.squaringUp"
      :placeholder="usualSquaringUp"
      @change="change({ squaringUp: textOf($event).slice(0, 40) })"
    />
  </label>
  <label class="flex items-center gap-2">
    <span class="flex-1 leading-5"
      >Layers cut at once<span class="block text-sm text-soft"
        >fabrics with the same cuts lie on one another</span
      ></span
    >
    <input
      class="field w-24"
      inputmode="numeric"
      data-layers
      :value="plan.layers"
      aria-label="Layers cut at once"
      @change="setLayers"
    />
  </label>
  <p v-if="refused" role="alert" class="rounded-lg bg-brick-pale p-2">{{ refused }}</p>
  <label class="flex items-center gap-2">
    <span class="flex-1 leading-5"
      >Square rulers<span class="block text-sm text-soft">the ones you have, such as 12 1/2, 6 1/2 by 1/4</span></span
    >
    <input
      class="field w-40"
      data-rulers
      :value="plan.rulers"
      aria-label="Square rulers"
      @change="change({ rulers: textOf($event).slice(0, 200) })"
    />
  </label>
</template>
