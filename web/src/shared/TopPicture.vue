<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Schemas } from '@/api/client'

export interface TopPictureProps {
  /** One block's patches and how often it is repeated; drawn as it comes from the server. */
  picture: Schemas['PictureView']
  /** The colour of each part: A and B. */
  colours: Readonly<Record<string, string>>
  /** What the picture shows, for those who do not see it. */
  label: string
}

const props = defineProps<TopPictureProps>()
const blockId = useId()
const width = computed(() => props.picture.blockSize * props.picture.across)
const height = computed(() => props.picture.blockSize * props.picture.down)
const blocks = computed(() => {
  const { across, down, blockSize } = props.picture
  return Array.from({ length: across * down }, (_, i) => ({
    x: (i % across) * blockSize,
    y: Math.floor(i / across) * blockSize,
  }))
})
</script>

<template>
  <svg :viewBox="`0 0 ${width} ${height}`" role="img" :aria-label="label" class="h-full w-full" shape-rendering="geometricPrecision">
    <defs>
      <g :id="blockId">
        <polygon
          v-for="patch in picture.patches"
          :key="patch.points"
          :points="patch.points"
          :fill="colours[patch.cloth]"
          stroke="#17202b"
          stroke-opacity="0.25"
          :stroke-width="picture.blockSize / 160"
        />
      </g>
    </defs>
    <use v-for="(block, i) in blocks" :key="i" :href="`#${blockId}`" :x="block.x" :y="block.y" />
  </svg>
</template>
