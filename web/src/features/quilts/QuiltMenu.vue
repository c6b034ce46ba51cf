<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { Schemas } from '@/api/client'
import { paperChoice, printed } from '@/features/print'

export type QuiltAct = 'rename' | 'copy' | 'version' | 'archive' | 'unarchive' | 'remove'

export interface QuiltMenuProps {
  quilt: Schemas['QuiltSummary']
}

defineProps<QuiltMenuProps>()
const emit = defineEmits<{ act: [what: QuiltAct] }>()

const ITEM =
  'flex min-h-10 w-full cursor-pointer items-center rounded-lg px-3 text-left data-[headlessui-state~=active]:bg-tape'
const acts = (archived: boolean): readonly { what: QuiltAct; says: string }[] => [
  { what: 'rename', says: 'Rename' },
  { what: 'version', says: 'Try a variation' },
  { what: 'copy', says: 'Copy' },
  archived ? { what: 'unarchive', says: 'Bring back' } : { what: 'archive', says: 'Archive' },
  { what: 'remove', says: 'Delete' },
]
</script>

<template>
  <Menu as="div" class="relative">
    <MenuButton
      class="button min-w-10 border-transparent bg-transparent px-2 hover:bg-white"
      :aria-label="`Menu of ${quilt.name}`"
      >⋯</MenuButton
    >
    <MenuItems
      class="absolute right-0 z-20 mt-1 w-52 rounded-xl border border-line bg-white p-1 shadow-lg focus:outline-none"
      :aria-label="`Menu of ${quilt.name}`"
    >
      <MenuItem
        v-for="act in acts(!!quilt.archivedAt)"
        :key="act.what"
        as="button"
        :class="ITEM"
        @click="emit('act', act.what)"
        >{{ act.says }}</MenuItem
      >
      <MenuItem
        as="a"
        :class="ITEM"
        :href="printed(`/api/quilts/${quilt.id}/booklet.pdf`, paperChoice)"
        target="_blank"
        rel="noopener"
        >Print the booklet</MenuItem
      >
      <MenuItem as="a" :class="ITEM" :href="`/api/quilts/${quilt.id}/file`" download>Save as a file</MenuItem>
    </MenuItems>
  </Menu>
</template>
