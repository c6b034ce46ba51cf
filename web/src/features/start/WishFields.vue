<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { call } from '@/api/client'
import type { Wish } from './useIdeas'

export interface WishFieldsProps {
  wish: Wish
}

const props = defineProps<WishFieldsProps>()
const emit = defineEmits<{ change: [part: Partial<Wish>] }>()
const { data: sizes } = useQuery({
  queryKey: computed(() => ['usual-sizes', props.wish.system]),
  queryFn: () => call('GET', '/api/top/usual-sizes', { query: { system: props.wish.system } }),
})
const unit = computed(() => (props.wish.system === 'INCH' ? 'in' : 'cm'))
const chosenSize = computed(
  () => sizes.value?.find((each) => each.size === `${props.wish.width} × ${props.wish.height}`)?.size ?? '',
)

function chooseSize(size: string) {
  const [width, height] = size ? size.split(' × ') : ['', '']
  emit('change', { width, height })
}

const fields = [
  { key: 'width', label: 'Width' },
  { key: 'height', label: 'Height' },
  { key: 'block', label: 'Block' },
  { key: 'border', label: 'Border' },
] as const
const text = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <div
    class="flex flex-wrap items-end gap-3"
    role="group"
    aria-label="What you know of it already. Leave open the rest"
  >
    <label class="min-w-48 flex-1">
      <span class="mb-1 block font-medium">Which kind?</span>
      <input
        class="field w-full"
        autocomplete="off"
        placeholder="for example pinwheel, star on point, one print"
        :value="wish.words"
        @input="emit('change', { words: text($event) })"
      />
    </label>
    <label>
      <span class="mb-1 block font-medium">How big?</span>
      <select class="field" :value="chosenSize" @change="chooseSize(text($event))">
        <option value="">as big as the fabric allows</option>
        <option v-for="size in sizes ?? []" :key="size.name" :value="size.size">
          {{ size.name }}, {{ size.size }}
        </option>
      </select>
    </label>
    <label v-for="field in fields" :key="field.key">
      <span class="mb-1 block font-medium">{{ field.label }} finished</span>
      <input
        class="field w-32"
        :placeholder="unit"
        :aria-label="`${field.label}, finished ${unit}`"
        autocomplete="off"
        :value="wish[field.key]"
        @input="emit('change', { [field.key]: text($event) })"
      />
    </label>
    <label>
      <span class="mb-1 block font-medium">Measured in</span>
      <select
        class="field"
        :value="wish.system"
        @change="
          emit('change', { system: text($event) as Wish['system'], width: '', height: '', block: '', border: '' })
        "
      >
        <option value="INCH">inches</option>
        <option value="CENTIMETRE">centimetres</option>
      </select>
    </label>
  </div>
</template>
