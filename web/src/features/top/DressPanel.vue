<script setup lang="ts">
import { computed } from 'vue'
import { useShelf } from '@/features/cloth'
import type { QuiltDesign } from '@/features/quilts'
import { withPack, withShelfCloth } from './edit/cloths'
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
const notInHand = computed(
  () => shelf.value?.filter((cloth) => !props.design.cloths.some((each) => each.shelfCloth === cloth.id)) ?? [],
)
const packs = computed(() => [...new Set(notInHand.value.map((cloth) => cloth.pack).filter(Boolean))])
const colourOf = (key: string) => props.design.cloths.find((cloth) => cloth.key === key)?.colour ?? 'transparent'

/** A cloth in hand, one of the shelf, which is taken in hand, or any print of a pack. */
function dress(role: string, chosen: string) {
  if (!chosen || !block.value) return
  const [where, what] = [chosen.slice(0, 5), chosen.slice(5)]
  const cloth = shelf.value?.find((each) => each.id === what)
  let taken: Partial<QuiltDesign> = {}
  if (where === 'pack:') taken = withPack(props.design, what, shelf.value!)
  if (where === 'shlf:' && cloth) taken = withShelfCloth(props.design, cloth)
  const key = where === 'hand:' ? what : taken.cloths?.at(-1)?.key
  if (!key) return
  const design = { ...props.design, ...taken }
  emit('changed', { ...taken, ...dressRole(design, block.value, role, key, traditional.value) })
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
      <select
        class="field mt-1 w-full"
        :value="role.cloth ? `hand:${role.cloth}` : ''"
        :aria-label="`${role.name} of ${block.name}`"
        @change="dress(role.letter, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">not dressed alike</option>
        <optgroup v-if="design.cloths.length" label="In hand">
          <option v-for="cloth in design.cloths" :key="cloth.key" :value="`hand:${cloth.key}`">{{ cloth.name }}</option>
        </optgroup>
        <optgroup v-if="packs.length" label="Packs on the shelf">
          <option v-for="pack in packs" :key="pack" :value="`pack:${pack}`">any print of {{ pack }}</option>
        </optgroup>
        <optgroup v-if="notInHand.length" label="On the shelf">
          <option v-for="cloth in notInHand" :key="cloth.id" :value="`shlf:${cloth.id}`">{{ cloth.name }}</option>
        </optgroup>
      </select>
    </label>
  </section>
</template>
