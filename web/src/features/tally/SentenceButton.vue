<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface SentenceButtonProps {
  sentence: Schemas['Sentence']
  expanded: boolean
  /** The id of what it opens. */
  working: string
}

const props = defineProps<SentenceButtonProps>()
const emit = defineEmits<{ pressed: [] }>()

/** The words that the sentence turns on, which open its working, and the rest of it. */
const parts = computed(() => {
  const { text } = props.sentence
  const end = text.search(/[,:;.]/)
  return end < 0 ? [text, ''] : [text.slice(0, end), text.slice(end)]
})
const buys = computed(() => props.sentence.about === 'BUY' && props.sentence.text.startsWith('Buy'))
</script>

<template>
  <button
    class="inline cursor-pointer text-left underline decoration-tape-deep decoration-dotted decoration-2 underline-offset-4 hover:bg-white/70 max-lg:min-h-0"
    :class="buys ? 'font-bold text-brick' : 'font-medium'"
    :data-short="sentence.about"
    :aria-expanded="expanded"
    :aria-controls="working"
    @click="emit('pressed')"
  >
    {{ parts[0] }}</button>{{ parts[1] }}
</template>
