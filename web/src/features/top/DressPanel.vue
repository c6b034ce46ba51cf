<script setup lang="ts">
import { computed } from 'vue'
import { useShelf } from '@/features/cloth'
import type { QuiltDesign } from '@/features/quilts'
import FabricField from './FabricField.vue'
import { fabricGroups, takenFor } from './fabricLists'
import { dressRole, rolesOf, traditionalOf } from './edit/roles'
import { useTraditionalBlocks } from './queries'

export interface DressPanelProps {
  design: QuiltDesign
  blockKey: string
}

const props = defineProps<DressPanelProps>()
const emit = defineEmits<{ changed: [part: Partial<QuiltDesign>] }>()

const block = computed(() => props.design.blocks.find((each) => each.key === props.blockKey))
const { data: found } = useTraditionalBlocks(() => block.value?.name ?? '')
const { data: shelf } = useShelf()
const traditional = computed(
  () => block.value && traditionalOf(block.value, found.value?.map((each) => each.blocks) ?? []),
)
const roles = computed(() => (block.value ? rolesOf(props.design, block.value, traditional.value) : []))
const groups = computed(() => fabricGroups(props.design.cloths, shelf.value ?? []))
const choices = computed(() => groups.value.flatMap((group) => group.choices))
const colourOf = (key: string) => props.design.cloths.find((cloth) => cloth.key === key)?.colour ?? 'transparent'

/** A cloth in hand, one of the shelf, which is taken in hand, or any print of a pack. */
function dress(role: string, place: number) {
  const choice = choices.value[place]
  const found = choice && takenFor(props.design, choice, shelf.value ?? [])
  if (!found || !block.value) return
  const design = { ...props.design, ...found.taken }
  emit('changed', { ...found.taken, ...dressRole(design, block.value, role, found.key, traditional.value) })
}
</script>

<template>
  <section v-if="block && roles.length" aria-labelledby="dress-title" class="space-y-1" data-dress>
    <h2 id="dress-title" class="panel-title">Dress the block</h2>
    <label v-for="role in roles" :key="role.letter" class="block">
      <span class="flex items-center gap-2">
        <span
          class="size-5 shrink-0 rounded-full border border-ink/40"
          :style="{ background: colourOf(role.cloth) }"
        ></span>
        <span class="min-w-0 flex-1 truncate first-letter:uppercase">{{ role.name }}</span>
      </span>
      <FabricField
        class="mt-1 w-full"
        :groups="groups"
        :value="role.cloth"
        none="not dressed alike"
        :name="`${role.name} of ${block.name}`"
        @chosen="dress(role.letter, $event)"
      />
    </label>
  </section>
</template>
