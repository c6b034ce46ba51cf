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
const isShort = computed(() => props.sentence.about === 'BUY' && props.sentence.lead.startsWith('Buy'))
</script>

<template>
  <!-- No button element: that would be one box, and break the lines of the paragraph. -->
  <span
    role="button"
    tabindex="0"
    class="cursor-pointer underline decoration-tape-deep decoration-dotted decoration-2 underline-offset-4 hover:bg-white/70"
    :class="isShort ? 'font-bold text-brick' : 'font-medium'"
    :data-short="sentence.about"
    :aria-expanded="expanded"
    :aria-controls="working"
    @click="emit('pressed')"
    @keydown.enter.prevent="emit('pressed')"
    @keydown.space.prevent="emit('pressed')"
    >{{ sentence.lead }}</span>{{ sentence.rest }}
</template>
