<script setup lang="ts">
import type { Schemas } from '@/api/client'

export interface InShortProps {
  sentences: readonly Schemas['Sentence'][]
}

defineProps<InShortProps>()

/** Where the working of a sentence stands on this page. */
const WORKING: Record<Schemas['Sentence']['about'], string> = {
  MAKE: 'groups-title',
  BUY: 'shopping-title',
  LEFT: 'ledger-title',
  SPARE: 'making-title',
  TIME: 'plans-title',
}
function show(about: Schemas['Sentence']['about']) {
  const working = document.getElementById(WORKING[about])
  working?.scrollIntoView({ block: 'start' })
  working?.setAttribute('tabindex', '-1')
  working?.focus({ preventScroll: true })
}
</script>

<template>
  <section v-if="sentences.length" aria-labelledby="short-title">
    <h2 id="short-title" class="panel-title">In short</h2>
    <ul class="divide-y divide-line">
      <li v-for="sentence in sentences" :key="sentence.text">
        <button
          class="min-h-11 w-full cursor-pointer py-1 text-left text-lg leading-6 hover:bg-tape-pale"
          :data-short="sentence.about"
          :title="`Show how: ${sentence.text}`"
          @click="show(sentence.about)"
        >
          {{ sentence.text }}
        </button>
      </li>
    </ul>
  </section>
</template>
