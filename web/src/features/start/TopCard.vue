<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { TopPicture } from '@/shared'

export interface TopCardProps {
  name: string
  /** Finished size and number of blocks, in words. */
  size: string
  blocks: string
  picture: Schemas['TopPictureView']
  colours: readonly string[]
  /** What the card says, for those who do not see it. */
  label: string
}

defineProps<TopCardProps>()
defineEmits<{ taken: [] }>()
</script>

<template>
  <button
    class="card flex h-full w-full flex-col gap-1 p-3 text-left hover:border-ink"
    :aria-label="label"
    @click="$emit('taken')"
  >
    <span class="mb-2 flex h-44 w-full items-center justify-center">
      <TopPicture :picture="picture" :colours="colours" />
    </span>
    <strong class="text-lg leading-6">{{ name }}</strong>
    <span>{{ size }} finished · {{ blocks }}</span>
    <slot />
  </button>
</template>
