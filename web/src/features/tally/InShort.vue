<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import SentenceButton from './SentenceButton.vue'

export interface InShortProps {
  sentences: readonly Schemas['Sentence'][]
}

const props = defineProps<InShortProps>()

/** More kinds of units than these are told on demand, behind the sentence of them all. */
const MOST_TOLD = 2
const makes = computed(() => props.sentences.filter((each) => each.about === 'MAKE'))
const inAll = computed(() => makes.value[0])
const kinds = computed(() => makes.value.slice(1))
const isLong = computed(() => kinds.value.length > MOST_TOLD)
const told = computed(() =>
  isLong.value
    ? props.sentences.filter((each) => each.about !== 'MAKE')
    : props.sentences.filter((each) => each !== inAll.value),
)
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
  <section
    class="-mx-4 -mt-4 flex flex-wrap items-start gap-x-6 gap-y-4 border-b border-tape-deep/40 bg-tape-pale p-4"
    aria-labelledby="short-title"
    data-in-short
  >
    <div v-if="sentences.length" class="min-w-64 flex-1">
      <h2 id="short-title" class="panel-title">In short</h2>
      <SentenceButton v-if="inAll" :sentence="inAll" @pressed="show(inAll.about)" />
      <details v-if="isLong" data-kinds>
        <summary class="min-h-11 cursor-pointer py-1 text-lg leading-7">How each kind is made and cut</summary>
        <ul class="pl-4">
          <li v-for="sentence in kinds" :key="sentence.text">
            <SentenceButton :sentence="sentence" @pressed="show(sentence.about)" />
          </li>
        </ul>
      </details>
      <ul>
        <li v-for="sentence in told" :key="sentence.text">
          <SentenceButton :sentence="sentence" @pressed="show(sentence.about)" />
        </li>
      </ul>
      <slot name="below"></slot>
    </div>
    <h2 v-else id="short-title" class="panel-title flex-1">In short</h2>
    <slot></slot>
  </section>
</template>
