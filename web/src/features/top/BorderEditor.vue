<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import BorderCutting from './BorderCutting.vue'
import BorderSides from './BorderSides.vue'
import ClothSelect from './ClothSelect.vue'
import { type Border, type BorderUnit, patchesOf, unitOf, unitsFor, withPatch } from './edit/borders'
import LengthField from './LengthField.vue'
import RowOfUnits from './RowOfUnits.vue'

export interface BorderEditorProps {
  number: number
  last: boolean
  border: Border
  cloths: QuiltDesign['cloths']
  problems: readonly Problem[]
  /** What would make it come out even, if it does not. */
  fit: Schemas['BorderFitView'] | undefined
  /** How prints with an up and a down lie in it. */
  prints: Schemas['BorderPrintView'][]
  unitOfLength: string
}

const props = defineProps<BorderEditorProps>()
const emit = defineEmits<{ changed: [border: Border, typing: boolean]; removed: []; moved: [by: number]; spaced: [] }>()

const place = computed(() => `Border ${props.number}`)
const change = (part: Partial<Border>, typing = false) => emit('changed', { ...props.border, ...part }, typing)
function setKind(kind: Border['kind']) {
  const units = kind === 'PIECED' ? unitsFor(props.border) : props.border.units
  change({
    kind,
    units,
    corners: kind === 'PIECED' && props.border.corners === 'MITRED' ? 'UNITS' : props.border.corners,
  })
}
function setCorner(kind: string) {
  if (kind === 'BUTTED' || kind === 'MITRED') change({ corners: kind })
  else
    change({
      corners: 'UNITS',
      corner: [
        unitOf(
          kind as BorderUnit['kind'],
          props.border.corner[0]?.cloths.length ? props.border.corner[0].cloths : [props.border.cloth],
        ),
      ],
    })
}
const cornerKind = computed(() =>
  props.border.corners === 'UNITS' ? (props.border.corner[0]?.kind ?? 'PLAIN') : props.border.corners,
)
function setCornerCloth(patch: number, cloth: string) {
  change({ corner: [withPatch(props.border.corner[0] ?? unitOf('PLAIN', []), patch, cloth)] })
}
</script>

<template>
  <section class="space-y-2 rounded-xl border border-line bg-white p-3" :aria-label="place" :data-border="number">
    <div class="flex items-center gap-1">
      <h3 class="flex-1 font-bold">
        Border {{ number }}<span v-if="number === 1" class="font-normal text-soft">, innermost</span>
      </h3>
      <button
        class="button min-h-8 px-2"
        :disabled="number === 1"
        :aria-label="`Border ${number} further in`"
        @click="emit('moved', -1)"
      >
        ↑
      </button>
      <button
        class="button min-h-8 px-2"
        :disabled="last"
        :aria-label="`Border ${number} further out`"
        @click="emit('moved', 1)"
      >
        ↓
      </button>
      <button class="button min-h-8 px-2" :aria-label="`Take border ${number} away`" @click="emit('removed')">✕</button>
    </div>
    <div class="flex items-end gap-2">
      <label class="flex-1"
        ><span class="mb-1 block leading-5 font-medium">Kind</span>
        <select
          class="field w-full"
          :value="border.kind"
          @change="setKind(($event.target as HTMLSelectElement).value as Border['kind'])"
        >
          <option value="PLAIN">plain</option>
          <option value="PIECED">pieced</option>
          <option value="SPACER">spacer</option>
        </select>
      </label>
      <LengthField
        :label="border.kind === 'SPACER' ? `At least, ${unitOfLength}` : `Finished width, ${unitOfLength}`"
        :value="border.width"
        :problems="problems"
        :place="border.kind === 'SPACER' ? `${place}, least` : `${place}, finished width`"
        @typed="change({ width: $event }, true)"
      />
    </div>
    <p v-if="border.kind === 'SPACER'" class="text-sm text-soft">
      As wide as the pieced border outside it needs to come out even.
    </p>
    <ClothSelect
      v-if="border.kind !== 'PIECED'"
      label="Fabric"
      :cloths="cloths"
      :value="border.cloth"
      @chosen="change({ cloth: $event })"
    />
    <RowOfUnits
      v-else
      :of="`border ${number}`"
      :row="border"
      :cloths="cloths"
      :problems="problems"
      :place="place"
      :unit-of-length="unitOfLength"
      @changed="(part, typing) => change(part, typing)"
    />
    <BorderCutting
      v-if="border.kind !== 'PIECED'"
      :number="number"
      :border="border"
      :prints="prints"
      @changed="change($event)"
    />
    <label class="flex items-center gap-2"
      ><span class="flex-1">Corners</span>
      <select class="field w-40" :value="cornerKind" @change="setCorner(($event.target as HTMLSelectElement).value)">
        <option value="BUTTED">butted</option>
        <option v-if="border.kind === 'PLAIN'" value="MITRED">mitred</option>
        <option value="PLAIN">a square</option>
        <option value="HALF_SQUARE">a half-square</option>
        <option value="HOURGLASS">an hourglass</option>
      </select>
    </label>
    <template v-if="border.corners === 'UNITS'">
      <ClothSelect
        v-for="(name, patch) in patchesOf(border.corner[0]?.kind ?? 'PLAIN')"
        :key="name"
        :label="`Corner, ${name}`"
        :cloths="cloths"
        :value="border.corner[0]?.cloths[patch] ?? ''"
        @chosen="setCornerCloth(patch, $event)"
      />
    </template>
    <BorderSides
      v-if="border.kind !== 'SPACER'"
      :number="number"
      :border="border"
      :cloths="cloths"
      :problems="problems"
      :unit-of-length="unitOfLength"
      @changed="(changed, typing) => emit('changed', changed, typing)"
    />
    <div v-if="fit" class="space-y-1 rounded-lg border border-[#d9b95a] bg-tape-pale p-2">
      <p class="font-bold">It does not come out even. Take</p>
      <button class="button w-full" @click="emit('spaced')">
        a spacer: {{ fit.spacerAcross }} at the sides, {{ fit.spacerUpright }} above and below, or more
      </button>
      <button v-for="width in fit.widths" :key="width" class="button w-full" @click="change({ width })">
        a width of {{ width }} {{ unitOfLength }} finished
      </button>
    </div>
  </section>
</template>
