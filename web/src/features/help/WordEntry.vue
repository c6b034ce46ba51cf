<script setup lang="ts">
import type { Word } from './glossary'
import WordDrawing from './WordDrawing.vue'

export interface WordEntryProps {
  word: Word
}

defineProps<WordEntryProps>()
</script>

<template>
  <div class="flex flex-wrap items-start gap-4">
    <WordDrawing v-if="word.drawing" :marks="word.drawing" />
    <div class="min-w-56 flex-1">
      <strong class="block text-lg">{{ word.term }}</strong>
      <p>{{ word.says }}</p>
    </div>
  </div>
</template>
