<script setup lang="ts">
import { computed, ref } from 'vue'
import { TourButton } from '@/features/tour'
import { find } from './glossary'
import { KEYS, STATIONS } from './guide'
import WordEntry from './WordEntry.vue'

const words = ref('')
const found = computed(() => find(words.value))
</script>

<template>
  <div class="mx-auto w-full max-w-4xl space-y-8 p-6">
    <section aria-labelledby="tour-title" class="space-y-3">
      <h1 id="tour-title" class="text-2xl font-bold">The five stations</h1>
      <ol class="space-y-3">
        <li v-for="station in STATIONS" :key="station.name" class="card p-4">
          <strong class="text-lg">{{ station.name }}</strong>
          <p>{{ station.is }}</p>
          <p><strong>First:</strong> {{ station.first }}</p>
        </li>
      </ol>
      <p>
        To look around, take <TourButton>the tour</TourButton>, eight stops with one of our quilts, or
        <RouterLink to="/start#ours" class="underline decoration-dotted">one of our quilts</RouterLink> by yourself.
        Nothing of it is lost, and every step can be taken back.
      </p>
    </section>
    <section aria-labelledby="keys-title" class="space-y-3">
      <h2 id="keys-title" class="text-xl font-bold">Keys</h2>
      <dl class="grid gap-x-6 sm:grid-cols-2">
        <div v-for="key in KEYS" :key="key.where + key.key" class="flex gap-3 border-b border-line py-1">
          <dt class="w-28 flex-none">
            <kbd class="rounded border border-line bg-white px-2 font-bold">{{ key.key }}</kbd>
          </dt>
          <dd>
            {{ key.does }} <span class="text-soft">({{ key.where }})</span>
          </dd>
        </div>
      </dl>
    </section>
    <section aria-labelledby="words-title" class="space-y-3">
      <h2 id="words-title" class="text-xl font-bold">Words</h2>
      <input v-model="words" type="search" class="field w-full" placeholder="Find a word" aria-label="Find a word" />
      <p v-if="!found.length">No such word here. Try a part of it.</p>
      <ul class="space-y-4" data-words>
        <li v-for="word in found" :id="word.term.replaceAll(' ', '-')" :key="word.term" class="card p-4">
          <WordEntry :word="word" />
        </li>
      </ul>
    </section>
  </div>
</template>
