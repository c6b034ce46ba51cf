<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, WaitNote } from '@/shared'

const quilt = useOpenQuilt()
const problems = ref<Problem[]>([])
const { data: offers, error } = useQuery({
  queryKey: computed(() => ['quilt', quilt.id.value, 'offers']),
  queryFn: () => call('GET', '/api/quilts/{id}/offers', { path: { id: quilt.id.value! } }),
  placeholderData: (before) => before,
  retry: false,
})

async function take(key: string) {
  try {
    await quilt.changeBy((version) =>
      call('POST', '/api/quilts/{id}/offers/take', { path: { id: quilt.id.value! }, body: { version, key } }),
    )
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <section aria-labelledby="offers-title" class="space-y-2">
    <h2 id="offers-title" class="panel-title">Could be done otherwise</h2>
    <WaitNote v-if="!offers" what="offers" :error="error" />
    <p v-else-if="!offers.length" class="text-soft">Nothing saves fabric without costing other fabric.</p>
    <ul class="space-y-2">
      <li v-for="offer in offers?.slice(0, 8)" :key="offer.key" class="card space-y-1 p-2" :data-offer="offer.kind">
        <p class="leading-5 font-medium first-letter:uppercase">{{ offer.what }}</p>
        <p class="text-sm text-soft first-letter:uppercase">{{ offer.effect }}.</p>
        <button class="button min-h-9" :aria-label="`Use this: ${offer.what}`" @click="take(offer.key)">
          Use this
        </button>
      </li>
    </ul>
    <ProblemNote :problems="problems" />
  </section>
</template>
