<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { quiltListQuery } from './queries'

export interface VersionBarProps {
  /** The quilt that is open. */
  id: string
}

const props = defineProps<VersionBarProps>()
const { data: quilts } = useQuery(quiltListQuery)
/** The quilt that this is a version of, or its newest version. */
const other = computed(() => {
  const open = quilts.value?.find((quilt) => quilt.id === props.id)
  return quilts.value?.find((quilt) => (open?.cameFrom ? quilt.id === open.cameFrom : quilt.cameFrom === props.id))
})
const isVersion = computed(() => quilts.value?.find((quilt) => quilt.id === props.id)?.cameFrom === other.value?.id)
</script>

<template>
  <p v-if="other" class="flex flex-wrap items-center gap-x-3 bg-tape-pale px-4 py-1" data-version>
    <span>{{ isVersion ? 'A version of' : 'It has a version:' }} {{ other.name }}</span>
    <RouterLink
      class="font-medium underline decoration-dotted"
      :to="{ path: '/compare', query: { quilt: isVersion ? [other.id, id] : [id, other.id] } }"
      >Compare the two</RouterLink
    >
  </p>
</template>
