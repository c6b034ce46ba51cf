<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { ProblemNote, RULERS } from '@/shared'
import SizeTable from './SizeTable.vue'

export interface TopSettingsProps {
  /** The top as worked out. */
  top: Schemas['TopView']
  /** What was typed. */
  design: QuiltDesign
  /** What is the matter with it, if it was refused. */
  problems: readonly Problem[]
}

const props = defineProps<TopSettingsProps>()
const emit = defineEmits<{ changed: [part: Partial<QuiltDesign>, typing: boolean] }>()

const counts = computed(() => [
  { name: 'blocks', count: props.top.blocks },
  { name: 'half-square triangle units', count: props.top.units },
  { name: 'triangles in them', count: props.top.triangles },
])
const wrong = (place: string) => props.problems.filter((problem) => problem.where.startsWith(place))

function count(field: 'blocksAcross' | 'blocksDown', event: Event) {
  const typed = (event.target as HTMLInputElement).value
  if (/^\d{1,9}$/.test(typed)) emit('changed', { [field]: Number(typed) }, true)
}
</script>

<template>
  <h2 class="panel-title">How it is set</h2>
  <div class="flex gap-3">
    <label class="flex-1"
      ><span class="mb-1 block font-medium">Blocks across</span>
      <input class="field w-full" inputmode="numeric" :value="design.blocksAcross" :aria-invalid="wrong('Blocks across').length > 0" @input="count('blocksAcross', $event)"
    /></label>
    <label class="flex-1"
      ><span class="mb-1 block font-medium">Blocks down</span>
      <input class="field w-full" inputmode="numeric" :value="design.blocksDown" :aria-invalid="wrong('Blocks down').length > 0" @input="count('blocksDown', $event)"
    /></label>
  </div>

  <SizeTable
    :sizes="top.sizes"
    :unit-of-length="top.unitOfLength"
    :typed="design.blockSize"
    :problems="wrong('Block size').concat(wrong('Unit size'))"
    @typed="emit('changed', { blockSize: $event }, true)"
  />
  <ProblemNote :problems="problems" />

  <dl class="space-y-1">
    <div v-for="each in counts" :key="each.name" class="flex justify-between gap-4 border-b border-line py-1">
      <dt>{{ each.name }}</dt>
      <dd class="font-bold">{{ each.count }}</dd>
    </div>
  </dl>

  <div class="flex gap-3">
    <label class="flex-1"
      ><span class="mb-1 block font-medium">Seam, {{ top.unitOfLength }}</span>
      <input class="field w-full" :value="design.seam" :aria-invalid="wrong('Seam').length > 0" @input="emit('changed', { seam: ($event.target as HTMLInputElement).value }, true)"
    /></label>
    <label class="flex-1"
      ><span class="mb-1 block font-medium">Ruler marks</span>
      <select class="field w-full" :value="design.grid" @change="emit('changed', { grid: ($event.target as HTMLSelectElement).value as QuiltDesign['grid'] }, false)">
        <option v-for="ruler in RULERS[design.system]" :key="ruler.grid" :value="ruler.grid">every {{ ruler.label }}</option>
      </select></label
    >
  </div>
</template>
