<script setup lang="ts">
import { computed } from 'vue'
import type { Problem } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import ClothSelect from './ClothSelect.vue'
import { BORDER_UNITS, type BorderUnit, patchesOf, unitOf, withPatch } from './edit/borders'
import LengthField from './LengthField.vue'

export interface RowOfUnitsProps {
  /** Whose units they are, as labels have it: {@code border 2}, {@code border 2 above}. */
  of: string
  row: { units: BorderUnit[]; unitLength: string; mirrorAtMiddle: boolean; middle: BorderUnit[] }
  cloths: QuiltDesign['cloths']
  problems: readonly Problem[]
  /** As problems have it: {@code Border 2, upper side}. */
  place: string
  unitOfLength: string
}

const props = defineProps<RowOfUnitsProps>()
const emit = defineEmits<{ changed: [part: Partial<RowOfUnitsProps['row']>, typing: boolean] }>()

const LONG = ['PLAIN', 'STRIP_SET_SEGMENT', 'CORNER_FLIP']
const hasLongUnits = computed(() => props.row.units.some((each) => LONG.includes(each.kind)))
const change = (part: Partial<RowOfUnitsProps['row']>) => emit('changed', part, false)
function setMiddle(event: Event) {
  const kind = (event.target as HTMLSelectElement).value as BorderUnit['kind'] | ''
  const cloths = (props.row.middle[0] ?? props.row.units.at(-1))?.cloths ?? []
  change({ middle: kind ? [unitOf(kind, cloths)] : [] })
}
function setUnit(i: number, unit: BorderUnit) {
  change({ units: props.row.units.map((each, at) => (at === i ? unit : each)) })
}
</script>

<template>
  <div v-for="(unit, i) in row.units" :key="i" class="space-y-1 rounded-lg bg-paper p-2">
    <div class="flex gap-1">
      <select
        class="field min-w-0 flex-1"
        :aria-label="`Unit ${i + 1} of ${of}`"
        :value="unit.kind"
        @change="setUnit(i, unitOf(($event.target as HTMLSelectElement).value as BorderUnit['kind'], unit.cloths))"
      >
        <option v-for="each in BORDER_UNITS" :key="each.kind" :value="each.kind">{{ each.name }}</option>
      </select>
      <button
        class="button min-h-8 px-2"
        :aria-label="`Turn unit ${i + 1} of ${of}`"
        @click="setUnit(i, { ...unit, quarterTurns: (unit.quarterTurns + 1) % 4 })"
      >
        ↻
      </button>
      <button
        v-if="row.units.length > 1"
        class="button min-h-8 px-2"
        :aria-label="`Take unit ${i + 1} out of ${of}`"
        @click="change({ units: row.units.filter((_, at) => at !== i) })"
      >
        ✕
      </button>
    </div>
    <ClothSelect
      v-for="(name, patch) in patchesOf(unit.kind)"
      :key="name"
      :label="name"
      :cloths="cloths"
      :value="unit.cloths[patch] ?? ''"
      @chosen="setUnit(i, withPatch(unit, patch, $event))"
    />
  </div>
  <button
    v-if="row.units.length < 6"
    class="button min-h-8 w-full"
    @click="change({ units: [...row.units, row.units.at(-1)!] })"
  >
    Another unit in turn
  </button>
  <LengthField
    v-if="hasLongUnits"
    :label="`Length of a piece along it, ${unitOfLength} finished`"
    :value="row.unitLength"
    :problems="problems"
    :place="`${place}, finished unit length`"
    placeholder="as wide"
    @typed="emit('changed', { unitLength: $event }, true)"
  />
  <label class="flex min-h-8 items-center gap-2"
    ><input
      type="checkbox"
      class="size-5"
      :checked="row.mirrorAtMiddle"
      @change="change({ mirrorAtMiddle: ($event.target as HTMLInputElement).checked })"
    />
    mirrored at the middle of each side</label
  >
  <div v-if="row.mirrorAtMiddle" class="space-y-1 rounded-lg bg-paper p-2">
    <label class="block"
      ><span class="mb-1 block leading-5">In the middle, where their number is odd</span>
      <select class="field w-full" :value="row.middle[0]?.kind ?? ''" @change="setMiddle($event)">
        <option value="">the next in turn</option>
        <option v-for="each in BORDER_UNITS" :key="each.kind" :value="each.kind">{{ each.name }}</option>
      </select>
    </label>
    <template v-for="unit in row.middle" :key="unit.kind">
      <ClothSelect
        v-for="(name, patch) in patchesOf(unit.kind)"
        :key="name"
        :label="`Middle, ${name}`"
        :cloths="cloths"
        :value="unit.cloths[patch] ?? ''"
        @chosen="change({ middle: [withPatch(unit, patch, $event)] })"
      />
      <button
        class="button min-h-8 w-full"
        :aria-label="`Turn it: the middle unit of ${of}`"
        @click="change({ middle: [{ ...unit, quarterTurns: (unit.quarterTurns + 1) % 4 }] })"
      >
        Turn it ↻
      </button>
    </template>
  </div>
</template>
