<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, WaitNote } from '@/shared'

const quilt = useOpenQuilt()
const problems = ref<Problem[]>([])
/** They take some working out, so they wait until they are asked for. */
const asked = ref(false)
const { data: offers, error } = useQuery({
  queryKey: computed(() => ['quilt', quilt.id.value, 'offers']),
  queryFn: () => call('GET', '/api/quilts/{id}/offers', { path: { id: quilt.id.value! } }),
  enabled: asked,
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
  <details data-offers @toggle="asked = asked || ($event.target as HTMLDetailsElement).open">
    <summary class="cursor-pointer font-medium">Other ways to save fabric</summary>
    <WaitNote v-if="asked && !offers" what="other ways" :error="error" />
    <p v-else-if="offers && !offers.length" class="text-soft">Nothing saves fabric without costing other fabric.</p>
    <ul class="mt-2 divide-y divide-line">
      <li
        v-for="offer in offers?.slice(0, 8)"
        :key="offer.key"
        class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2"
        :data-offer="offer.kind"
      >
        <p class="min-w-52 flex-1 leading-5 first-letter:uppercase">
          {{ offer.what }}. <span class="text-soft first-letter:uppercase">{{ offer.effect }}.</span>
        </p>
        <button class="button min-h-9" :aria-label="`Use this: ${offer.what}`" @click="take(offer.key)">
          Use this
        </button>
      </li>
    </ul>
    <ProblemNote :problems="problems" />
  </details>
</template>
