<script setup lang="ts">
import { computed } from 'vue'
import { TopPicture } from '@/shared'
import type { Idea } from './useIdeas'

export interface IdeaCardProps {
  idea: Idea
}

const props = defineProps<IdeaCardProps>()
defineEmits<{ taken: [] }>()
const buys = computed(() => (props.idea.buys.length ? `buy ${props.idea.buys.join(', ')}` : 'buys nothing'))
</script>

<template>
  <li class="idea">
    <button
      class="card flex h-full w-full flex-col gap-1 p-3 text-left hover:border-ink"
      :aria-label="`${idea.name}, ${idea.size} finished, ${buys}. ${idea.says}`"
      @click="$emit('taken')"
    >
      <span class="mb-2 flex h-44 w-full items-center justify-center">
        <TopPicture :picture="idea.picture" :colours="idea.colours" />
      </span>
      <strong class="text-lg leading-6">{{ idea.name }}</strong>
      <span>{{ idea.size }} finished · {{ idea.blocks }}</span>
      <strong :class="idea.buys.length ? 'text-brick' : 'text-leaf'">{{ buys }}</strong>
      <span class="text-soft">{{ idea.left }} · {{ idea.hours }}</span>
      <span class="text-soft">{{ idea.says }}</span>
    </button>
  </li>
</template>

<style scoped>
/* Cards that are not in sight are not drawn. */
.idea {
  content-visibility: auto;
  contain-intrinsic-size: 14rem 24rem;
}
</style>
