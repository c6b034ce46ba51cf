<script setup lang="ts">
import { computed, ref } from 'vue'
import { useShelf } from '@/features/cloth'
import type { QuiltDesign } from '@/features/quilts'
import FabricField from './FabricField.vue'
import { fabricGroups, takenFor } from './fabricLists'
import { useTakenInHand } from './takenInHand'

export interface ClothSelectProps {
  label: string
  cloths: QuiltDesign['cloths']
  /** Key of the cloth; empty for none. */
  value: string
  /** What no cloth is called here. */
  none?: string
}

const props = withDefaults(defineProps<ClothSelectProps>(), { none: 'not dressed' })
const emit = defineEmits<{ chosen: [clothKey: string] }>()

const inHand = useTakenInHand()
const { data: shelf } = useShelf()
/** A shelf of thousands is listed once somebody wants to choose from it, not in every list of a page. */
const wanted = ref(false)
const groups = computed(() => fabricGroups(props.cloths, (wanted.value && inHand && shelf.value) || []))
const choices = computed(() => groups.value.flatMap((group) => group.choices))

function choose(place: number) {
  const choice = choices.value[place]
  if (!choice) return emit('chosen', '')
  const found = inHand ? takenFor(inHand.design.value, choice, shelf.value ?? []) : { key: choice.key ?? '', taken: {} }
  if (!found) return
  if (found.taken.cloths) inHand?.take(found.taken)
  emit('chosen', found.key)
}
</script>

<template>
  <label class="flex items-center gap-2">
    <span class="flex-1">{{ label }}</span>
    <span
      class="size-5 shrink-0 rounded-full border border-ink/40"
      :style="{ background: cloths.find((cloth) => cloth.key === value)?.colour ?? 'transparent' }"
    ></span>
    <FabricField class="w-36" :groups="groups" :value="value" :none="none" @wanted="wanted = true" @chosen="choose" />
  </label>
</template>
