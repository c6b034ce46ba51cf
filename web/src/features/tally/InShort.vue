<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import SentenceButton from './SentenceButton.vue'

export interface InShortProps {
  sentences: readonly Schemas['Sentence'][]
  nameOfQuilt: string
}

type About = Schemas['Sentence']['about']

const props = defineProps<InShortProps>()

/** One sentence of each matter; how each kind is made stands in the working of the first. */
const told = computed(() =>
  props.sentences.filter((each, i) => props.sentences.findIndex(({ about }) => about === each.about) === i),
)
const opened = ref<About>()
const toggle = (about: About) => (opened.value = opened.value === about ? undefined : about)
</script>

<template>
  <section class="border-b border-tape-deep/40 bg-tape-pale px-6 py-4" aria-labelledby="short-title" data-in-short>
    <h1 class="sr-only">The tally of {{ nameOfQuilt }}</h1>
    <h2 id="short-title" class="sr-only">In short</h2>
    <p v-if="told.length" class="text-xl leading-8">
      <template v-for="sentence in told" :key="sentence.about">
        <span v-if="sentence.about === 'BIAS'" data-short="BIAS">{{ sentence.lead }}{{ sentence.rest }}</span>
        <SentenceButton
          v-else
          :sentence="sentence"
          :expanded="opened === sentence.about"
          :working="`working-${sentence.about}`"
          @pressed="toggle(sentence.about)"
        />{{ ' ' }}
      </template>
    </p>
    <p v-else class="text-xl">The top is empty: build a block at the station Top.</p>
    <slot name="below"></slot>
    <div
      v-for="sentence in told.filter(({ about }) => about !== 'BIAS')"
      v-show="opened === sentence.about"
      :id="`working-${sentence.about}`"
      :key="sentence.about"
      class="mt-3 max-h-96 space-y-3 overflow-y-auto rounded-xl border border-tape-deep/40 bg-white p-4"
      role="group"
      :aria-label="`How this was worked out: ${sentence.lead}`"
      :data-working="sentence.about"
    >
      <slot :name="sentence.about"></slot>
    </div>
  </section>
</template>
