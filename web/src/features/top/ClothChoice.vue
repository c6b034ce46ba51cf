<script setup lang="ts">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'
import { useShelf } from '@/features/cloth'

export interface ClothChoiceProps {
  /** Which part of the block: "Print". */
  label: string
  /** The cloth chosen so far. */
  clothId: string | null
}

const props = defineProps<ClothChoiceProps>()
const emit = defineEmits<{ chosen: [clothId: string] }>()

const { data: shelf } = useShelf()
const chosen = computed(() => shelf.value?.find((cloth) => cloth.id === props.clothId))
</script>

<template>
  <Listbox :model-value="clothId" @update:model-value="emit('chosen', $event)">
    <div class="relative">
      <ListboxLabel class="mb-1 block font-medium">{{ label }}</ListboxLabel>
      <ListboxButton class="field flex w-full items-center gap-3 text-left">
        <span class="size-5 shrink-0 rounded-full border border-ink/40" :style="{ background: chosen?.colour ?? 'transparent' }"></span>
        <span class="flex-1 truncate">{{ chosen?.name ?? (clothId ? 'no longer on the shelf' : 'choose a cloth') }}</span>
        <span aria-hidden="true">▾</span>
      </ListboxButton>
      <ListboxOptions class="absolute z-20 mt-1 max-h-72 w-full overflow-auto rounded-lg border border-line bg-white p-1 shadow-lg">
        <li v-if="!shelf?.length" class="p-2 text-soft">The shelf is empty: add cloth at the station Cloth.</li>
        <ListboxOption v-for="cloth in shelf" :key="cloth.id" v-slot="{ active, selected }" :value="cloth.id" as="template">
          <li class="flex min-h-10 cursor-pointer items-center gap-3 rounded px-2 data-[active]:bg-tape" :data-active="active || undefined">
            <span class="size-5 rounded-full border border-ink/40" :style="{ background: cloth.colour }"></span>
            <span :class="{ 'font-bold': selected }">{{ cloth.name }}</span>
          </li>
        </ListboxOption>
      </ListboxOptions>
    </div>
  </Listbox>
</template>
