<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { call } from '@/api/client'
import { paintsOf } from '@/features/prints'
import { WaitNote } from '@/shared'
import TopCard from './TopCard.vue'

defineEmits<{ taken: [key: string] }>()
const { data: quilts, error } = useQuery({
  queryKey: ['our-quilts'],
  queryFn: () => call('GET', '/api/our-quilts'),
  staleTime: Infinity,
})
</script>

<template>
  <WaitNote v-if="!quilts" what="our quilts" :error="error" />
  <ul v-else class="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
    <li v-for="quilt in quilts" :key="quilt.key">
      <TopCard
        :name="quilt.name"
        :size="quilt.size"
        :blocks="quilt.blocks"
        :picture="quilt.picture"
        :colours="paintsOf(quilt.colours, quilt.prints)"
        :label="`${quilt.name}, ${quilt.size} finished: ${quilt.says}`"
        @taken="$emit('taken', quilt.key)"
      >
        <span class="text-soft">{{ quilt.says }}</span>
      </TopCard>
    </li>
  </ul>
</template>
