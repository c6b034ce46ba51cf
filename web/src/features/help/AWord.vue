<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import { wordOf } from './glossary'
import WordEntry from './WordEntry.vue'

export interface AWordProps {
  /** The word as it stands here. */
  word: string
}

const props = defineProps<AWordProps>()
const entry = computed(() => wordOf(props.word))
</script>

<template>
  <span v-if="!entry">{{ word }}</span>
  <Popover v-else as="span" class="relative">
    <PopoverButton
      class="cursor-help underline decoration-dotted underline-offset-4"
      :aria-label="`${word}: what is that?`"
      >{{ word }}</PopoverButton
    >
    <PopoverPanel
      class="absolute left-0 z-50 mt-1 w-96 max-w-[85vw] rounded-xl border border-line bg-white p-4 text-left font-normal text-ink shadow-lg"
    >
      <WordEntry :word="entry" />
      <RouterLink to="/words" class="mt-2 inline-block underline decoration-dotted">all words</RouterLink>
    </PopoverPanel>
  </Popover>
</template>
