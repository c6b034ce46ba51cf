<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

export interface ClothChipsProps {
  cloths: readonly Schemas['ShelfClothView'][]
  /** Those that are left out, by their ids. */
  without: readonly string[]
}

const props = defineProps<ClothChipsProps>()
const emit = defineEmits<{ change: [without: string[]] }>()

const MOST_SWATCHES = 12

interface Chip {
  name: string
  says: string
  ids: string[]
  colours: string[]
}

/** A pack is one chip, every other cloth its own. */
const chips = computed(() => {
  const byName = new Map<string, Chip>()
  for (const cloth of props.cloths) {
    const name = cloth.pack || cloth.name
    const chip = byName.get(name) ?? { name, says: '', ids: [], colours: [] }
    chip.ids.push(cloth.id)
    chip.colours.push(cloth.colour)
    chip.says = cloth.pack
      ? `${chip.ids.length} prints`
      : cloth.lines.map((line) => line.understood.replace(` – ${cloth.name}`, '')).join('; ')
    byName.set(name, chip)
  }
  return [...byName.values()]
})
const isOut = (chip: Chip) => chip.ids.every((id) => props.without.includes(id))

function toggle(chip: Chip) {
  const others = props.without.filter((id) => !chip.ids.includes(id))
  emit('change', isOut(chip) ? others : [...others, ...chip.ids])
}
</script>

<template>
  <ul class="flex max-h-40 flex-wrap gap-2 overflow-auto" aria-label="Fabrics to use. Press one to leave it out">
    <li v-for="chip in chips" :key="chip.name">
      <button
        class="button max-w-80 data-[out]:border-dashed data-[out]:bg-paper data-[out]:text-soft"
        :data-out="isOut(chip) || undefined"
        :aria-pressed="!isOut(chip)"
        :title="isOut(chip) ? 'left out. Press to use it' : 'used. Press to leave it out'"
        @click="toggle(chip)"
      >
        <span class="flex" aria-hidden="true">
          <span
            v-for="(colour, i) in chip.colours.slice(0, MOST_SWATCHES)"
            :key="i"
            class="h-5 border border-line"
            :class="chip.colours.length > 1 ? 'w-2' : 'w-5'"
            :style="{ background: colour }"
          />
        </span>
        <span class="truncate" :class="{ 'line-through': isOut(chip) }">{{ chip.name }}, {{ chip.says }}</span>
      </button>
    </li>
  </ul>
</template>
