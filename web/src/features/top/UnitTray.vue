<script setup lang="ts">
import { computed } from 'vue'
import type { QuiltDesign } from '@/features/quilts'
import { PatchPicture } from '@/shared'
import { useTrayUnits } from './queries'
import { smallerBlocksFor, type Unit } from './edit/blocks'

export interface UnitTrayProps {
  design: QuiltDesign
  /** Key of the block that is being built. */
  blockKey: string
  /** The unit that is in hand. */
  inHand: Unit | undefined
}

const props = defineProps<UnitTrayProps>()
const emit = defineEmits<{ taken: [unit: Unit | undefined] }>()

/** The units as they are drawn before they have cloths: dark, light and middle in a box. */
const UNITS: { kind: Unit['kind']; name: string; width: number; patches: string[]; tones: number[] }[] = [
  { kind: 'HALF_SQUARE', name: 'Half-square', width: 2, patches: ['0,0 2,0 0,2', '2,0 2,2 0,2'], tones: [0, 1] },
  {
    kind: 'HOURGLASS',
    name: 'Hourglass',
    width: 2,
    patches: ['0,0 2,0 1,1', '2,0 2,2 1,1', '2,2 0,2 1,1', '0,2 0,0 1,1'],
    tones: [0, 1, 0, 1],
  },
  {
    kind: 'SPLIT_QUARTER',
    name: 'Split quarter',
    width: 2,
    patches: ['0,0 2,0 1,1', '0,0 1,1 0,2', '2,0 2,2 0,2'],
    tones: [0, 2, 1],
  },
  {
    kind: 'FLYING_GOOSE',
    name: 'Goose',
    width: 4,
    patches: ['0,2 2,0 4,2', '0,0 2,0 0,2', '2,0 4,0 4,2'],
    tones: [0, 1, 1],
  },
  { kind: 'PLAIN', name: 'Plain piece', width: 2, patches: ['0,0 2,0 2,2 0,2'], tones: [0] },
  {
    kind: 'CORNER_FLIP',
    name: 'Corner flip',
    width: 2,
    patches: ['0,0 1,0 2,1 2,2 0,2', '1,0 2,0 2,1'],
    tones: [1, 0],
  },
  {
    kind: 'STRIP_SET_SEGMENT',
    name: 'Strips',
    width: 2,
    patches: ['0,0 2,0 2,1 0,1', '0,1 2,1 2,2 0,2'],
    tones: [0, 1],
  },
  {
    kind: 'STRIP_SET_TRIANGLE',
    name: 'Striped triangles',
    width: 2,
    patches: ['1,0 2,0 2,1', '0,1 1,2 0,2', '0,0 1,0 2,1 2,2 1,2 0,1'],
    tones: [0, 0, 1],
  },
  {
    kind: 'PIECED_HALF',
    name: 'Pieced half',
    width: 2,
    patches: ['0,0 1,0 0,1', '1,0 1,1 0,1', '1,0 2,0 1,1', '0,1 1,1 0,2', '2,0 2,2 0,2'],
    tones: [0, 1, 0, 0, 2],
  },
]
const { data: counts } = useTrayUnits()
const TONES = ['#22384d', '#efe6d0', '#b9c4c2']
const smaller = computed(() => smallerBlocksFor(props.design, props.blockKey))

function take(kind: Unit['kind'], count: number, block = '') {
  const same = props.inHand?.kind === kind && props.inHand.block === block
  emit('taken', same ? undefined : { kind, count, corner: '1/2', block, quarterTurns: 0, mirrored: false, cloths: [] })
}
</script>

<template>
  <section aria-labelledby="units-title" class="space-y-2">
    <h2 id="units-title" class="panel-title">Units: take one, then click a cell</h2>
    <ul class="grid grid-cols-3 gap-2">
      <li v-for="unit in UNITS" :key="unit.kind">
        <button
          class="card flex h-full w-full cursor-pointer flex-col items-center gap-1 p-1.5 hover:border-ink data-[here]:border-2 data-[here]:border-tape-deep data-[here]:bg-tape-pale"
          :data-here="inHand?.kind === unit.kind || undefined"
          :data-unit="unit.kind"
          :aria-pressed="inHand?.kind === unit.kind"
          @click="take(unit.kind, counts?.find((each) => each.kind === unit.kind)?.usualCount ?? 0)"
        >
          <PatchPicture
            class="h-9 w-full"
            :width="unit.width"
            :height="2"
            :patches="unit.patches"
            :colours="unit.tones.map((tone) => TONES[tone])"
          />
          <span class="text-sm leading-4">{{ unit.name }}</span>
        </button>
      </li>
    </ul>
    <label v-if="smaller.length" class="block"
      >Or a smaller block
      <select
        class="field w-full"
        :value="inHand?.kind === 'BLOCK' ? inHand.block : ''"
        @change="take('BLOCK', 0, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">none in hand</option>
        <option v-for="block in smaller" :key="block.key" :value="block.key">{{ block.name }}</option>
      </select>
    </label>
  </section>
</template>
