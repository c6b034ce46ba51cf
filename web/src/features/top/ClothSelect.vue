<script setup lang="ts">
import type { QuiltDesign } from '@/features/quilts'

export interface ClothSelectProps {
  label: string
  cloths: QuiltDesign['cloths']
  /** Key of the cloth; empty for none. */
  value: string
  /** What no cloth is called here. */
  none?: string
}

withDefaults(defineProps<ClothSelectProps>(), { none: 'not dressed' })
const emit = defineEmits<{ chosen: [clothKey: string] }>()
</script>

<template>
  <label class="flex items-center gap-2">
    <span class="flex-1">{{ label }}</span>
    <span
      class="size-5 shrink-0 rounded-full border border-ink/40"
      :style="{ background: cloths.find((cloth) => cloth.key === value)?.colour ?? 'transparent' }"
    ></span>
    <select class="field w-36" :value="value" @change="emit('chosen', ($event.target as HTMLSelectElement).value)">
      <option value="">{{ none }}</option>
      <option v-for="cloth in cloths" :key="cloth.key" :value="cloth.key">{{ cloth.name }}</option>
    </select>
  </label>
</template>
