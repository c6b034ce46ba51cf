<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { call } from '@/api/client'
import { TopPicture, WaitNote } from '@/shared'

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
      <button
        class="card flex h-full w-full flex-col gap-1 p-3 text-left hover:border-ink"
        :aria-label="`${quilt.name}, ${quilt.size} finished: ${quilt.says}`"
        @click="$emit('taken', quilt.key)"
      >
        <span class="mb-2 flex h-44 w-full items-center justify-center">
          <TopPicture :picture="quilt.picture" :colours="quilt.colours" />
        </span>
        <strong class="text-lg leading-6">{{ quilt.name }}</strong>
        <span>{{ quilt.size }} finished · {{ quilt.blocks }}</span>
        <span class="text-soft">{{ quilt.says }}</span>
      </button>
    </li>
  </ul>
</template>
