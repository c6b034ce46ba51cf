<script setup lang="ts">
import { computed } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import ClothSelect from './ClothSelect.vue'
import LengthField from './LengthField.vue'

type Border = QuiltDesign['borders'][number]
type Unit = Border['units'][number]

export interface BorderEditorProps {
  number: number
  last: boolean
  border: Border
  cloths: QuiltDesign['cloths']
  problems: readonly Problem[]
  /** What would make it come out even, if it does not. */
  fit: Schemas['BorderFitView'] | undefined
  unitOfLength: string
}

const props = defineProps<BorderEditorProps>()
const emit = defineEmits<{ changed: [border: Border, typing: boolean]; removed: []; moved: [by: number]; spaced: [] }>()

const UNITS: { kind: Unit['kind']; name: string; patches: string[]; turns: number }[] = [
  { kind: 'HALF_SQUARE', name: 'half-squares (sawtooth)', patches: ['first half', 'second half'], turns: 2 },
  { kind: 'HOURGLASS', name: 'hourglasses', patches: ['outer', 'right', 'inner', 'left'], turns: 0 },
  { kind: 'FLYING_GOOSE', name: 'geese pointing out', patches: ['goose', 'left wing', 'right wing'], turns: 0 },
  { kind: 'PLAIN', name: 'plain pieces', patches: ['piece'], turns: 0 },
  { kind: 'STRIP_SET_SEGMENT', name: 'strip-set segments', patches: ['outer strip', 'inner strip'], turns: 0 },
  { kind: 'CORNER_FLIP', name: 'corner flips', patches: ['base', 'corner', 'second corner'], turns: 0 },
]
const place = computed(() => `Border ${props.number}`)
const patchesOf = (kind: Unit['kind']) => UNITS.find((each) => each.kind === kind)?.patches ?? []
const longUnits = computed(() =>
  props.border.units.some((each) => ['PLAIN', 'STRIP_SET_SEGMENT', 'CORNER_FLIP'].includes(each.kind)),
)

const change = (part: Partial<Border>, typing = false) => emit('changed', { ...props.border, ...part }, typing)
const unitOf = (kind: Unit['kind'], cloths: string[]): Unit => ({
  kind,
  count: 2,
  corner: '1/2',
  block: '',
  quarterTurns: UNITS.find((each) => each.kind === kind)!.turns,
  mirrored: false,
  cloths,
})
function setKind(kind: Border['kind']) {
  const units =
    kind === 'PIECED' && !props.border.units.length
      ? [unitOf('HALF_SQUARE', [props.border.cloth, ''])]
      : props.border.units
  change({
    kind,
    units,
    corners: kind === 'PIECED' && props.border.corners === 'MITRED' ? 'UNITS' : props.border.corners,
  })
}
function setUnit(i: number, part: Partial<Unit>) {
  change({ units: props.border.units.map((each, at) => (at === i ? { ...each, ...part } : each)) })
}
function setUnitCloth(i: number, patch: number, cloth: string) {
  const cloths = [...props.border.units[i]!.cloths]
  while (cloths.length <= patch) cloths.push('')
  cloths[patch] = cloth
  setUnit(i, { cloths })
}
function setCorner(kind: string) {
  if (kind === 'BUTTED' || kind === 'MITRED') change({ corners: kind })
  else
    change({
      corners: 'UNITS',
      corner: [
        unitOf(
          kind as Unit['kind'],
          props.border.corner[0]?.cloths.length ? props.border.corner[0].cloths : [props.border.cloth],
        ),
      ],
    })
}
const cornerKind = computed(() =>
  props.border.corners === 'UNITS' ? (props.border.corner[0]?.kind ?? 'PLAIN') : props.border.corners,
)
function setCornerCloth(patch: number, cloth: string) {
  const corner = props.border.corner[0] ?? unitOf('PLAIN', [])
  const cloths = [...corner.cloths]
  while (cloths.length <= patch) cloths.push('')
  cloths[patch] = cloth
  change({ corner: [{ ...corner, cloths }] })
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
        :place="place"
        @typed="change({ width: $event }, true)"
      />
    </div>
    <p v-if="border.kind === 'SPACER'" class="text-sm text-soft">
      As wide as the pieced border outside it needs to come out even.
    </p>
    <ClothSelect
      v-if="border.kind !== 'PIECED'"
      label="Cloth"
      :cloths="cloths"
      :value="border.cloth"
      @chosen="change({ cloth: $event })"
    />
    <template v-else>
      <div v-for="(unit, i) in border.units" :key="i" class="space-y-1 rounded-lg bg-paper p-2">
        <div class="flex gap-1">
          <select
            class="field min-w-0 flex-1"
            :aria-label="`Unit ${i + 1} of border ${number}`"
            :value="unit.kind"
            @change="setUnit(i, unitOf(($event.target as HTMLSelectElement).value as Unit['kind'], unit.cloths))"
          >
            <option v-for="each in UNITS" :key="each.kind" :value="each.kind">{{ each.name }}</option>
          </select>
          <button
            class="button min-h-8 px-2"
            :aria-label="`Turn unit ${i + 1} of border ${number}`"
            @click="setUnit(i, { quarterTurns: (unit.quarterTurns + 1) % 4 })"
          >
            ↻
          </button>
          <button
            v-if="border.units.length > 1"
            class="button min-h-8 px-2"
            :aria-label="`Take unit ${i + 1} out of border ${number}`"
            @click="change({ units: border.units.filter((_, at) => at !== i) })"
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
          @chosen="setUnitCloth(i, patch, $event)"
        />
      </div>
      <button
        v-if="border.units.length < 6"
        class="button min-h-8 w-full"
        @click="change({ units: [...border.units, border.units.at(-1)!] })"
      >
        Another unit in turn
      </button>
      <LengthField
        v-if="longUnits"
        :label="`Length of a piece along it, ${unitOfLength} finished`"
        :value="border.unitLength"
        :problems="problems"
        :place="`${place}, finished unit length`"
        placeholder="as wide"
        @typed="change({ unitLength: $event }, true)"
      />
      <label class="flex min-h-8 items-center gap-2"
        ><input
          type="checkbox"
          class="size-5"
          :checked="border.mirrorAtMiddle"
          @change="change({ mirrorAtMiddle: ($event.target as HTMLInputElement).checked })"
        />
        mirrored at the middle of each side</label
      >
    </template>
    <label v-if="border.kind !== 'PIECED'" class="flex items-center gap-2"
      ><span class="flex-1">Longer than the cloth is wide</span>
      <select
        class="field w-40"
        :value="border.join"
        @change="change({ join: ($event.target as HTMLSelectElement).value as Border['join'] })"
      >
        <option value="STRAIGHT">joined straight</option>
        <option value="DIAGONAL">joined on the diagonal</option>
        <option value="ALONG_LENGTH">cut along the length</option>
      </select>
    </label>
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
