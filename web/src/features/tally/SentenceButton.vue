<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface SentenceButtonProps {
  sentence: Schemas['Sentence']
}

const props = defineProps<SentenceButtonProps>()
const emit = defineEmits<{ pressed: [] }>()

/** The words that the sentence turns on, and the rest of it. */
const parts = computed(() => {
  const { text } = props.sentence
  const end = text.search(/[,:;.]/)
  return end < 0 ? [text, ''] : [text.slice(0, end), text.slice(end)]
})
</script>

<template>
  <button
    class="min-h-11 w-full cursor-pointer py-1 text-left text-lg leading-7 hover:bg-white/60"
    :data-short="sentence.about"
    :title="`Show how: ${sentence.text}`"
    @click="emit('pressed')"
  >
    <strong class="underline decoration-tape-deep decoration-dotted underline-offset-4">{{ parts[0] }}</strong>{{
      parts[1]
    }}
  </button>
</template>
