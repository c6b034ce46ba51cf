<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { paintsOf } from '@/features/prints'
import { TopPicture } from '@/shared'
import { glanceQuery } from './queries'

export interface PickUpProps {
  quilt: Schemas['QuiltSummary']
}

const props = defineProps<PickUpProps>()

const { data: glance, error } = useQuery(computed(() => glanceQuery(props.quilt.id, props.quilt.version)))
const GO: Record<string, string> = {
  top: 'Open the top',
  tally: 'See what to buy',
  cut: 'Go on cutting',
  sew: 'Keep sewing',
}
const next = computed(() => glance.value?.next)
const go = computed(() => {
  const { cut, sewn, sets } = glance.value!
  if (next.value!.station === 'cut' && !cut) return 'Start cutting'
  if (next.value!.station === 'sew' && !sewn) return 'Start sewing'
  return next.value!.station === 'sew' && sewn >= sets ? 'See the cards' : GO[next.value!.station]
})
</script>

<template>
  <section
    class="flex min-h-36 flex-wrap items-center gap-x-6 gap-y-3 rounded-2xl bg-tape-pale p-4"
    aria-labelledby="pick-up-title"
    data-pick-up
  >
    <div class="flex h-28 w-28 flex-none items-center justify-center max-sm:hidden">
      <TopPicture
        v-if="glance"
        :picture="glance.picture.top"
        :colours="paintsOf(glance.picture.colours, glance.picture.prints)"
      />
    </div>
    <div class="min-w-0 flex-1 basis-64">
      <p class="text-soft">Pick up where you left off</p>
      <h2 id="pick-up-title" class="truncate text-2xl font-bold">{{ quilt.name }}</h2>
      <p v-if="next" class="text-lg leading-6">{{ next.says }}.</p>
    </div>
    <RouterLink
      v-if="next"
      class="button button-main min-h-12 px-5 text-lg"
      :to="`/quilts/${quilt.id}/${next.station}`"
      >{{ go }}</RouterLink
    >
    <RouterLink v-else-if="error" class="button min-h-12 px-5 text-lg" :to="`/quilts/${quilt.id}`">Open it</RouterLink>
  </section>
</template>
