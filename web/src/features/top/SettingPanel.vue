<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Problem, Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { RULERS } from '@/shared'
import ClothSelect from './ClothSelect.vue'
import LengthField from './LengthField.vue'
import SizeHelper from './SizeHelper.vue'

export interface SettingPanelProps {
  design: QuiltDesign
  top: Schemas['TopView']
  problems: readonly Problem[]
}

const props = defineProps<SettingPanelProps>()
const emit = defineEmits<{ changed: [part: Partial<QuiltDesign>, typing: boolean] }>()

type Setting = QuiltDesign['setting']
const KINDS: { kind: Setting['kind']; name: string }[] = [
  { kind: 'STRAIGHT', name: 'in straight rows' },
  { kind: 'HALF_DROP', name: 'half-drop: every other row starts with a half' },
  { kind: 'ON_POINT', name: 'on point, with setting triangles' },
]
const unit = computed(() => props.top.unitOfLength)
const block = computed(() => props.top.sizes[0]!)
const whole = computed(() => props.top.sizes[2]!)
/** Where it goes on beyond the last block. */
const OUTSIDE = { BOTH: 'round the outside too', ROWS: 'above and below too', COLUMNS: 'at both sides too' }
const sashed = computed(() => props.design.sashing.width !== '')
const pieced = computed(() => props.design.sashing.units.some((each) => each.kind !== 'PLAIN'))

const set = (part: Partial<Setting>, typing = false) =>
  emit('changed', { setting: { ...props.design.setting, ...part } }, typing)
const size = (part: Partial<QuiltDesign['blockSize']>) =>
  emit('changed', { blockSize: { ...props.design.blockSize, ...part } }, true)
const sash = (part: Partial<QuiltDesign['sashing']>, typing = false) =>
  emit('changed', { sashing: { ...props.design.sashing, ...part } }, typing)
const UNIT: QuiltDesign['sashing']['units'][number] = {
  kind: 'PLAIN',
  count: 0,
  corner: '1/2',
  block: '',
  quarterTurns: 0,
  mirrored: false,
  cloths: [],
}

/** What was typed for a number of blocks and is none; said until it is put right. */
const noCount = ref<Partial<Record<'across' | 'down', string>>>({})
function count(field: 'across' | 'down', typed: string) {
  const isCount = /^\d{1,6}$/.test(typed.trim())
  noCount.value = { ...noCount.value, [field]: isCount || !typed.trim() ? undefined : typed.trim() }
  if (isCount) set({ [field]: Number(typed) }, true)
}
function sashUnits(kind: string) {
  const cloth = props.design.sashing.units[0]?.cloths[0] ?? ''
  const other = props.design.setting.cloth
  const units: QuiltDesign['sashing']['units'] =
    kind === 'PLAIN'
      ? [{ ...UNIT, cloths: [cloth] }]
      : kind === 'SQUARES'
        ? [
            { ...UNIT, cloths: [cloth] },
            { ...UNIT, cloths: [other] },
          ]
        : [
            {
              ...UNIT,
              kind: kind as 'HALF_SQUARE',
              quarterTurns: kind === 'FLYING_GOOSE' ? 1 : 0,
              cloths: [cloth, other, kind === 'FLYING_GOOSE' ? other : cloth, other],
            },
          ]
  sash({ units })
}
const sashKind = computed(() =>
  props.design.sashing.units.length > 1 ? 'SQUARES' : (props.design.sashing.units[0]?.kind ?? 'PLAIN'),
)
function sashCloth(cloth: string) {
  const units = props.design.sashing.units.length ? props.design.sashing.units : [UNIT]
  sash({ units: units.map((each, i) => (i === 0 ? { ...each, cloths: [cloth, ...each.cloths.slice(1)] } : each)) })
}
function between(chosen: string) {
  const [kind, ...key] = chosen.split(' ')
  set({ between: kind as Setting['between'], betweenBlock: key.join(' ') })
}
function turns(place: number, key: string) {
  const blocks = [...props.design.setting.blocks]
  if (key) blocks[place] = key
  else blocks.splice(place, 1)
  set({ blocks })
}
</script>

<template>
  <div class="space-y-4">
    <SizeHelper :design="design" :unit-of-length="unit" @taken="(part) => emit('changed', part, false)" />
    <section class="space-y-3" aria-label="Blocks and how they are set">
      <label class="block"
        ><span class="mb-1 block font-medium">Set</span>
        <select
          class="field w-full"
          :value="design.setting.kind"
          @change="set({ kind: ($event.target as HTMLSelectElement).value as Setting['kind'] })"
        >
          <option v-for="each in KINDS" :key="each.kind" :value="each.kind">{{ each.name }}</option>
        </select>
      </label>
      <div class="flex gap-3">
        <label class="flex-1"
          ><span class="mb-1 block font-medium">Blocks across</span
          ><input
            class="field w-full"
            inputmode="numeric"
            :value="noCount.across ?? design.setting.across"
            :aria-invalid="!!noCount.across || problems.some((each) => each.where === 'Blocks across')"
            @input="count('across', ($event.target as HTMLInputElement).value)"
        /></label>
        <label class="flex-1"
          ><span class="mb-1 block font-medium">Blocks down</span
          ><input
            class="field w-full"
            inputmode="numeric"
            :value="noCount.down ?? design.setting.down"
            :aria-invalid="!!noCount.down || problems.some((each) => each.where === 'Blocks down')"
            @input="count('down', ($event.target as HTMLInputElement).value)"
        /></label>
      </div>
      <p
        v-for="typed in Object.values(noCount).filter(Boolean)"
        :key="typed"
        role="alert"
        class="rounded-lg bg-brick-pale p-2"
      >
        “{{ typed }}” is no number of blocks. Type one such as 6.
      </p>
      <div>
        <p class="font-medium">Blocks that take turns</p>
        <div class="mt-1 space-y-1">
          <select
            v-for="(key, i) in design.setting.blocks"
            :key="i"
            class="field w-full"
            :aria-label="`Block ${i + 1} of those that take turns`"
            :value="key"
            @change="turns(i, ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="each in design.blocks" :key="each.key" :value="each.key">{{ each.name }}</option>
            <option v-if="design.setting.blocks.length > 1" value="">take out of the turn</option>
          </select>
          <select
            v-if="design.blocks.length && design.setting.blocks.length < 8"
            class="field w-full"
            aria-label="One more block to take turns"
            value=""
            @change="turns(design.setting.blocks.length, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">+ another block in turn</option>
            <option v-for="each in design.blocks" :key="each.key" :value="each.key">{{ each.name }}</option>
          </select>
        </div>
      </div>
      <label v-if="design.setting.kind === 'HALF_DROP'" class="block"
        ><span class="mb-1 block font-medium">Ends of the shifted rows</span>
        <select
          class="field w-full"
          :value="design.setting.halves"
          @change="set({ halves: ($event.target as HTMLSelectElement).value as Setting['halves'] })"
        >
          <option value="BLOCK">half blocks</option>
          <option value="PLAIN">plain halves</option>
        </select>
      </label>
      <template v-if="design.setting.kind === 'ON_POINT'">
        <p class="text-soft" data-blocks-said>
          {{ top.count.blocksInWords }}: rows of {{ design.setting.across }}, and between them rows of
          {{ design.setting.across - 1 }}.
        </p>
        <label class="block"
          ><span class="mb-1 block font-medium">In the rows between</span>
          <select
            class="field w-full"
            :value="
              design.setting.between === 'OTHER' ? `OTHER ${design.setting.betweenBlock}` : design.setting.between
            "
            @change="between(($event.target as HTMLSelectElement).value)"
          >
            <option value="SAME">the blocks that take turns</option>
            <option v-for="each in design.blocks" :key="each.key" :value="`OTHER ${each.key}`">{{ each.name }}</option>
            <option value="PLAIN">plain squares of the setting’s fabric</option>
            <option value="OPEN">nothing yet: squares without a fabric</option>
          </select>
        </label>
      </template>
      <ClothSelect
        v-if="
          design.setting.kind === 'ON_POINT' ||
          (design.setting.kind === 'HALF_DROP' && design.setting.halves === 'PLAIN')
        "
        :label="
          design.setting.kind === 'ON_POINT'
            ? design.setting.between === 'PLAIN'
              ? 'Setting triangles and plain squares'
              : 'Setting triangles'
            : 'Plain halves'
        "
        :cloths="design.cloths"
        :value="design.setting.cloth"
        @chosen="set({ cloth: $event })"
      />
    </section>

    <section aria-label="Block size" class="space-y-2">
      <div class="flex items-end gap-2">
        <LengthField
          :label="`${design.blockSize.of === 'UNIT' ? 'Unit' : 'Block'} size, ${unit}`"
          :value="design.blockSize.typed"
          :problems="problems"
          :place="design.blockSize.of === 'UNIT' ? 'Unit size,' : 'Block size,'"
          @typed="size({ typed: $event })"
        />
        <select
          class="field"
          aria-label="Which size is typed"
          :value="design.blockSize.as"
          @change="size({ as: ($event.target as HTMLSelectElement).value as 'FINISHED' })"
        >
          <option value="FINISHED">finished</option>
          <option value="UNFINISHED">unfinished</option>
        </select>
      </div>
      <LengthField
        v-if="design.blockSize.of === 'BLOCK'"
        label="Height, where it is oblong"
        :value="design.blockSize.height"
        :problems="problems"
        place="Block size height"
        placeholder="as wide"
        @typed="size({ height: $event })"
      />
      <table class="w-full">
        <thead>
          <tr class="text-left text-soft">
            <td></td>
            <th scope="col" class="font-medium">finished</th>
            <th scope="col" class="font-medium">unfinished</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in top.sizes" :key="each.what" class="border-t border-line">
            <th scope="row" class="text-left font-medium">{{ each.what }}</th>
            <td class="py-1 pr-3" :data-size="`${each.what} finished`">
              {{ each.finishedWidth }} × {{ each.finishedHeight }}
            </td>
            <td class="py-1">{{ each.unfinishedWidth }} × {{ each.unfinishedHeight }}</td>
          </tr>
        </tbody>
      </table>
    </section>

    <section aria-label="Sashing" class="space-y-2">
      <LengthField
        :label="`Sashing between the blocks, ${unit} finished`"
        :value="design.sashing.width"
        :problems="problems"
        place="Sashing"
        placeholder="none"
        @typed="sash({ width: $event, units: design.sashing.units.length ? design.sashing.units : [UNIT] }, true)"
      />
      <template v-if="sashed">
        <label class="flex items-center gap-2"
          ><span class="flex-1">Made of</span>
          <select class="field w-44" :value="sashKind" @change="sashUnits(($event.target as HTMLSelectElement).value)">
            <option value="PLAIN">plain strips</option>
            <option value="SQUARES">squares in turn</option>
            <option value="HALF_SQUARE">half-squares</option>
            <option value="HOURGLASS">hourglasses</option>
            <option value="FLYING_GOOSE">flying geese</option>
          </select>
        </label>
        <ClothSelect
          label="Its fabric"
          :cloths="design.cloths"
          :value="design.sashing.units[0]?.cloths[0] ?? ''"
          @chosen="sashCloth"
        />
        <label
          v-if="design.setting.kind === 'STRAIGHT' || design.sashing.between !== 'BOTH'"
          class="flex items-center gap-2"
          ><span class="flex-1">It lies</span>
          <select
            class="field w-60"
            :value="design.sashing.between"
            @change="sash({ between: ($event.target as HTMLSelectElement).value as QuiltDesign['sashing']['between'] })"
          >
            <option value="BOTH">between blocks and rows</option>
            <option value="ROWS">between rows only</option>
            <option value="COLUMNS">between the blocks of a row only</option>
          </select>
        </label>
        <ClothSelect
          v-if="design.sashing.between === 'BOTH'"
          label="Cornerstones"
          :cloths="design.cloths"
          :value="design.sashing.cornerstones"
          :none="design.setting.kind === 'ON_POINT' ? 'as the sashing' : 'none'"
          @chosen="sash({ cornerstones: $event })"
        />
        <label v-if="design.setting.kind === 'STRAIGHT'" class="flex min-h-8 items-center gap-2"
          ><input
            type="checkbox"
            class="size-5"
            :checked="design.sashing.around"
            @change="sash({ around: ($event.target as HTMLInputElement).checked })"
          />
          {{ OUTSIDE[design.sashing.between] }}</label
        >
        <p v-if="pieced" class="text-sm text-soft">
          Dress the units of the sashing on the wall: choose a strip, then a fabric.
        </p>
      </template>
    </section>

    <section aria-label="Seam and ruler" class="flex gap-3">
      <LengthField
        :label="`Seam, ${unit}`"
        :value="design.seam"
        :problems="problems"
        place="Seam"
        @typed="emit('changed', { seam: $event }, true)"
      />
      <label class="flex-1"
        ><span class="mb-1 block leading-5 font-medium">Ruler marks</span>
        <select
          class="field w-full"
          :value="design.grid"
          @change="emit('changed', { grid: ($event.target as HTMLSelectElement).value as QuiltDesign['grid'] }, false)"
        >
          <option v-for="ruler in RULERS[design.system]" :key="ruler.grid" :value="ruler.grid">
            every {{ ruler.label }}
          </option>
        </select>
      </label>
    </section>
    <p class="space-x-3">
      <a class="underline" :href="`/api/quilts/${$route.params.id}/top.svg`" download>Top as SVG drawing</a>
    </p>
    <p class="sr-only">
      Top {{ whole.finishedWidth }} by {{ whole.finishedHeight }} {{ unit }} finished, of blocks
      {{ block.finishedWidth }} by {{ block.finishedHeight }}.
    </p>
  </div>
</template>
