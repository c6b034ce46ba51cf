<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/api/client'

export interface LengthFieldProps {
  label: string
  /** As typed, to the letter. */
  value: string
  /** Everything that is the matter; what begins with `place` belongs here. */
  problems: readonly Problem[]
  place: string
  placeholder?: string
  /** Said by the label only to those who do not see the heading above it. */
  hiddenLabel?: boolean
}

const props = defineProps<LengthFieldProps>()
const emit = defineEmits<{ typed: [text: string] }>()
const wrong = computed(() => props.problems.some((problem) => problem.where.startsWith(props.place)))
</script>

<template>
  <label class="block min-w-0 flex-1">
    <span class="mb-1 block leading-5 font-medium" :class="{ 'sr-only': hiddenLabel }">{{ label }}</span>
    <input
      class="field w-full"
      maxlength="40"
      autocomplete="off"
      :placeholder="placeholder"
      :value="value"
      :aria-invalid="wrong"
      @input="emit('typed', ($event.target as HTMLInputElement).value)"
    />
  </label>
</template>
