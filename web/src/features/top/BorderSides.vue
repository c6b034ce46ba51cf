<script setup lang="ts">
import type { Problem } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import ClothSelect from './ClothSelect.vue'
import { type Border, type BorderSide, sideOf, unitsFor, unlikeSide, withSide } from './edit/borders'
import { type Side, SIDES } from './partId'
import LengthField from './LengthField.vue'
import RowOfUnits from './RowOfUnits.vue'

export interface BorderSidesProps {
  number: number
  border: Border
  cloths: QuiltDesign['cloths']
  problems: readonly Problem[]
  unitOfLength: string
}

const props = defineProps<BorderSidesProps>()
const emit = defineEmits<{ changed: [border: Border, typing: boolean] }>()

const kindOf = (side: Side) => unlikeSide(props.border, side)?.kind ?? 'ALIKE'
const placeOf = (side: Side) => `Border ${props.number}, ${side.toLowerCase()} side`
function change(side: Side, part: Partial<BorderSide> | undefined, typing = false) {
  emit('changed', withSide(props.border, side, part), typing)
}
function setKind(side: Side, kind: BorderSide['kind'] | 'ALIKE') {
  const units = kind === 'PIECED' ? { units: unitsFor(sideOf(props.border, side)) } : {}
  change(side, kind === 'ALIKE' ? undefined : { kind, ...units })
}
</script>

<template>
  <details class="rounded-lg border border-line p-2" :open="border.sides.length > 0">
    <summary class="min-h-8 cursor-pointer">
      Its four sides:
      <strong>{{
        border.sides.length
          ? `${border.sides.length} unlike the ${border.sides.length > 3 ? 'border' : 'rest'}`
          : 'alike'
      }}</strong>
    </summary>
    <section
      v-for="{ side, name } in SIDES"
      :key="side"
      class="mt-2 space-y-2"
      :aria-label="`Border ${number} ${name}`"
    >
      <label class="flex items-center gap-2">
        <span class="flex-1">{{ name }}</span>
        <select
          class="field w-40"
          :value="kindOf(side)"
          :aria-label="`Border ${number} ${name}`"
          @change="setKind(side, ($event.target as HTMLSelectElement).value as BorderSide['kind'] | 'ALIKE')"
        >
          <option value="ALIKE">like the rest</option>
          <option value="PLAIN">plain, its own</option>
          <option value="PIECED">pieced, its own</option>
          <option value="NONE">no border</option>
        </select>
      </label>
      <div v-if="kindOf(side) === 'PLAIN' || kindOf(side) === 'PIECED'" class="space-y-2 border-l-4 border-tape pl-2">
        <LengthField
          :label="`Finished width ${name}, ${unitOfLength}`"
          :value="sideOf(border, side).width"
          :problems="problems"
          :place="`${placeOf(side)}, finished width`"
          @typed="change(side, { width: $event }, true)"
        />
        <ClothSelect
          v-if="kindOf(side) === 'PLAIN'"
          :label="`Fabric ${name}`"
          :cloths="cloths"
          :value="sideOf(border, side).cloth"
          @chosen="change(side, { cloth: $event })"
        />
        <RowOfUnits
          v-else
          :of="`border ${number} ${name}`"
          :row="sideOf(border, side)"
          :cloths="cloths"
          :problems="problems"
          :place="placeOf(side)"
          :unit-of-length="unitOfLength"
          @changed="(part, typing) => change(side, part, typing)"
        />
      </div>
    </section>
  </details>
</template>
