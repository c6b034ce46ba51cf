<script setup lang="ts">
import { computed } from 'vue'
import TopCard from './TopCard.vue'
import { paintsOf } from '@/features/prints'
import type { Idea } from './useIdeas'

export interface IdeaCardProps {
  idea: Idea
}

const props = defineProps<IdeaCardProps>()
defineEmits<{ taken: [] }>()
/** Every quilt wants backing and batting, which nobody plans a top from. */
const buys = computed(() =>
  props.idea.buys.length ? `buy ${props.idea.buys.join(', ')}` : 'buys nothing but backing and batting',
)
</script>

<template>
  <li class="idea">
    <TopCard
      :name="idea.name"
      :size="idea.size"
      :blocks="idea.blocks"
      :picture="idea.picture"
      :colours="paintsOf(idea.colours, idea.prints)"
      :label="`${idea.name}, ${idea.size} finished, ${buys}. ${idea.says}`"
      @taken="$emit('taken')"
    >
      <strong :class="idea.buys.length ? 'text-brick' : 'text-leaf'">{{ buys }}</strong>
      <span v-if="idea.left" class="text-soft">{{ idea.left }}</span>
      <span class="block text-soft first-letter:uppercase">{{ idea.hours }} to cut and piece</span>
      <span class="text-soft">{{ idea.says }}</span>
    </TopCard>
  </li>
</template>

<style scoped>
/* Cards that are not in sight are not drawn. */
.idea {
  content-visibility: auto;
  contain-intrinsic-size: 14rem 24rem;
}
</style>
