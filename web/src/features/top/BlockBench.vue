<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { useTrayUnits } from './queries'
import { ARROWS } from './wall/geometry'
import {
  type Block,
  type Cells,
  changeUnit,
  dress,
  mirrorUnit,
  put,
  regrid,
  readLines,
  resize,
  takeOut,
  turnUnit,
  type Unit,
  withBlock,
} from './edit/blocks'

export interface BlockBenchProps {
  design: QuiltDesign
  block: Block
  /** The block as the server draws it. */
  picture: Schemas['BlockPictureView']
  colours: readonly string[]
  unitOfLength: string
  /** The unit that is put where a cell is clicked. */
  unit: Unit | undefined
  /** Key of the cloth in hand. */
  cloth: string | undefined
}

const props = defineProps<BlockBenchProps>()
const emit = defineEmits<{ changed: [part: Partial<QuiltDesign>, typing?: boolean]; kept: []; removed: []; left: [] }>()

const bench = useTemplateRef<SVGSVGElement>('bench')
/** The cell that the keys work on, and which patch of what lies there. */
const at = ref({ column: 0, row: 0 })
const patch = ref(0)

const width = computed(() => props.picture.shape.width)
const height = computed(() => props.picture.shape.height)
const sum = (lines: readonly number[], to = lines.length) => lines.slice(0, to).reduce((a, b) => a + b, 0)
function boxOf(cells: Cells) {
  const { columns, rows } = props.block
  const x = (width.value * sum(columns, cells.column)) / sum(columns)
  const y = (height.value * sum(rows, cells.row)) / sum(rows)
  return {
    x,
    y,
    width: (width.value * sum(columns, cells.column + cells.columns)) / sum(columns) - x,
    height: (height.value * sum(rows, cells.row + cells.rows)) / sum(rows) - y,
  }
}
const cells = computed(() =>
  props.block.rows.flatMap((_, row) =>
    props.block.columns.map((__, column) => ({
      column,
      row,
      columns: 1,
      rows: 1,
      box: boxOf({ column, row, columns: 1, rows: 1 }),
    })),
  ),
)
const partIndex = computed(() =>
  props.block.parts.findIndex(
    (part) =>
      at.value.column >= part.column &&
      at.value.column < part.column + part.columns &&
      at.value.row >= part.row &&
      at.value.row < part.row + part.rows,
  ),
)
const part = computed(() => props.block.parts[partIndex.value])
const chosenBox = computed(() => boxOf(part.value ?? { ...at.value, columns: 1, rows: 1 }))
const patchesHere = computed(() =>
  props.picture.parts.flatMap((each, i) => (each === partIndex.value && partIndex.value >= 0 ? [i] : [])),
)
const chosenPatch = computed(() =>
  part.value && part.value.unit.kind !== 'BLOCK'
    ? patchesHere.value[patch.value % Math.max(1, patchesHere.value.length)]
    : undefined,
)
const clothName = (place: number) => (place === -2 ? 'empty' : (props.design.cloths[place]?.name ?? 'not dressed'))
const saying = computed(() => {
  const cell = `column ${at.value.column + 1}, row ${at.value.row + 1}`
  if (!part.value) return `${cell}: empty`
  const { unit } = part.value
  const turn = [unit.mirrored ? 'mirrored' : '', unit.quarterTurns ? `turned ${unit.quarterTurns * 90}°` : '']
    .filter(Boolean)
    .join(', ')
  const patchSaid =
    chosenPatch.value === undefined
      ? ''
      : `; patch ${patch.value + 1} of ${patchesHere.value.length}: ${clothName(props.picture.cloths[chosenPatch.value]!)}`
  return `${cell}: ${nameOf(unit)}${turn ? ', ' + turn : ''}${patchSaid}`
})
const { data: units } = useTrayUnits()
const unitOf = (kind: Unit['kind']) => units.value?.find((each) => each.kind === kind)
const nameOf = (unit: Unit) =>
  unit.kind === 'BLOCK'
    ? (props.design.blocks.find((each) => each.key === unit.block)?.name ?? 'smaller block')
    : (unitOf(unit.kind)?.label ?? 'unit')
const counted = computed(() => (part.value ? unitOf(part.value.unit.kind) : undefined))

watch(
  () => props.block.key,
  () => {
    at.value = { column: 0, row: 0 }
    patch.value = 0
  },
)

const change = (block: Block, typing = false) => emit('changed', withBlock(props.design, block), typing)

/** A goose wants two cells side by side, or one above the other where the block ends. */
function putHere(column: number, row: number) {
  if (!props.unit) return
  const { columns, rows } = props.block
  const isGoose = props.unit.kind === 'FLYING_GOOSE' && columns[column] === rows[row]
  if (isGoose && column + 1 < columns.length) change(put(props.block, { column, row, columns: 2, rows: 1 }, props.unit))
  else if (isGoose && row + 1 < rows.length)
    change(put(props.block, { column, row, columns: 1, rows: 2 }, { ...props.unit, quarterTurns: 1 }))
  else change(put(props.block, { column, row, columns: 1, rows: 1 }, props.unit))
}
function onCell(column: number, row: number) {
  at.value = { column, row }
  patch.value = 0
  bench.value?.focus()
  if (props.unit) putHere(column, row)
}
function onPatch(i: number) {
  const index = props.picture.parts[i]!
  const found = props.block.parts[index]
  if (!found) return
  if (props.unit) return onCell(found.column, found.row)
  at.value = { column: found.column, row: found.row }
  patch.value = props.picture.ordinals[i]!
  bench.value?.focus()
  if (props.cloth !== undefined) dressPatch(index, patch.value, props.cloth)
}
function dressPatch(index: number, ordinal: number, cloth: string) {
  if (props.block.parts[index]?.unit.kind !== 'BLOCK') change(dress(props.block, index, ordinal, cloth))
}
function onDrop(event: DragEvent, i: number) {
  const cloth = event.dataTransfer?.getData('text/plain')
  if (cloth && props.picture.parts[i]! >= 0) dressPatch(props.picture.parts[i]!, props.picture.ordinals[i]!, cloth)
}
function cellAt(column: number, row: number) {
  return {
    column: Math.min(props.block.columns.length - 1, Math.max(0, column)),
    row: Math.min(props.block.rows.length - 1, Math.max(0, row)),
  }
}

function goTo([dx, dy]: readonly [number, number]) {
  const here = part.value ?? { ...at.value, columns: 1, rows: 1 }
  const past = (step: number, from: number, over: number, now: number) =>
    step > 0 ? from + over : step < 0 ? from - 1 : now
  at.value = cellAt(past(dx, here.column, here.columns, at.value.column), past(dy, here.row, here.rows, at.value.row))
  patch.value = 0
}
/** So many patches on, round and round. */
const patchOn = (by: number) =>
  (patch.value = (patch.value + by + patchesHere.value.length) % Math.max(1, patchesHere.value.length))
function dressByNumber(number: number) {
  const cloth = props.design.cloths[number - 1]
  if (!cloth) return
  dressPatch(partIndex.value, patch.value, cloth.key)
  // On to the next patch, so that a unit is dressed by as many keys as it has patches.
  void nextTick(() => patchOn(1))
}

type Keys = Readonly<Record<string, (event: KeyboardEvent) => void>>
const putIt = () => putHere(at.value.column, at.value.row)
const takeIt = () => change(takeOut(props.block, partIndex.value))
const ANYWHERE: Keys = { enter: putIt, ' ': putIt, p: (event) => patchOn(event.shiftKey ? -1 : 1) }
const ON_UNITS: Keys = {
  r: (event) => change(turnUnit(props.block, partIndex.value, event.shiftKey ? -1 : 1)),
  m: () => change(mirrorUnit(props.block, partIndex.value)),
  delete: takeIt,
  backspace: takeIt,
}

function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const arrow = ARROWS[event.key]
  const key = event.key.toLowerCase()
  const onUnit = partIndex.value >= 0
  let act = arrow ? () => goTo(arrow) : (ANYWHERE[key] ?? (onUnit ? ON_UNITS[key] : undefined))
  if (onUnit && /^[1-9]$/.test(key)) act = () => dressByNumber(Number(key))
  if (!act) return
  act(event)
  event.preventDefault()
}

const columnsTyped = ref('')
const rowsTyped = ref('')
const gridWrong = ref('')
watch(
  () => [props.block.key, props.block.columns.join(' '), props.block.rows.join(' ')],
  ([, columns, rows]) => {
    columnsTyped.value = columns!
    rowsTyped.value = rows!
  },
  { immediate: true },
)
function setGrid() {
  const columns = readLines(columnsTyped.value)
  const rows = readLines(rowsTyped.value)
  gridWrong.value =
    columns && rows
      ? ''
      : 'Type how wide the columns are for each other, such as 1 2 1, or how many equal ones: 3. At most 24.'
  if (columns && rows) change(regrid(props.block, columns, rows))
}
</script>

<template>
  <div class="flex min-h-0 flex-1 flex-col lg:flex-row" data-bench>
    <div class="flex min-h-80 flex-1 flex-col p-4">
      <svg
        ref="bench"
        :viewBox="`${-width / 40} ${-height / 40} ${width * 1.05} ${height * 1.05}`"
        class="min-h-0 w-full flex-1 touch-manipulation"
        tabindex="0"
        role="application"
        :aria-label="`Block ${block.name}. Arrow keys choose a cell, Enter puts the unit in hand there, R turns it, M mirrors it, P goes to its next patch, number keys dress it, Delete takes it out.`"
        @keydown="onKey"
      >
        <polygon
          v-for="(points, i) in picture.shape.patches"
          :key="i"
          :points="points"
          :fill="picture.cloths[i] === -2 ? '#f4f1ea' : (colours[picture.cloths[i]!] ?? '#d3d8d2')"
          stroke="#17202b"
          stroke-opacity="0.45"
          :stroke-width="width / 320"
          class="cursor-pointer"
          :data-patch="i"
          @click="onPatch(i)"
          @dragover.prevent
          @drop.prevent="onDrop($event, i)"
        />
        <rect
          v-for="cell in cells"
          :key="`${cell.column}-${cell.row}`"
          v-bind="cell.box"
          fill="transparent"
          stroke="#17202b"
          stroke-opacity="0.35"
          :stroke-dasharray="width / 60"
          :stroke-width="width / 400"
          :pointer-events="
            unit ||
            !block.parts.some(
              (each) =>
                cell.column >= each.column &&
                cell.column < each.column + each.columns &&
                cell.row >= each.row &&
                cell.row < each.row + each.rows,
            )
              ? 'all'
              : 'none'
          "
          class="cursor-pointer"
          :data-cell="`${cell.column + 1} ${cell.row + 1}`"
          @click="onCell(cell.column, cell.row)"
        />
        <rect v-bind="chosenBox" fill="none" stroke="#8a5a00" :stroke-width="width / 90" pointer-events="none" />
        <polygon
          v-if="chosenPatch !== undefined"
          :points="picture.shape.patches[chosenPatch]"
          fill="none"
          stroke="#ffcf3f"
          :stroke-width="width / 130"
          pointer-events="none"
        />
      </svg>
      <p class="mt-2 min-h-6 text-center" role="status">{{ saying }}</p>
    </div>

    <aside class="space-y-3 overflow-y-auto border-line p-4 lg:w-80 lg:border-l" aria-label="The block">
      <div class="flex gap-2">
        <button class="button button-main flex-1" @click="emit('left')">Back to the top</button>
      </div>
      <label class="block"
        ><span class="mb-1 block font-medium">Name of the block</span>
        <input
          class="field w-full"
          maxlength="80"
          :value="block.name"
          @input="change({ ...block, name: ($event.target as HTMLInputElement).value }, true)"
        />
      </label>
      <form class="flex items-end gap-2" @submit.prevent="setGrid">
        <label class="min-w-0 flex-1"
          ><span class="mb-1 block font-medium">Columns</span
          ><input v-model="columnsTyped" class="field w-full" autocomplete="off" @change="setGrid"
        /></label>
        <label class="min-w-0 flex-1"
          ><span class="mb-1 block font-medium">Rows</span
          ><input v-model="rowsTyped" class="field w-full" autocomplete="off" @change="setGrid"
        /></label>
      </form>
      <p v-if="gridWrong" role="alert" class="rounded-lg bg-brick-pale p-2">{{ gridWrong }}</p>
      <p v-else class="text-sm text-soft">
        Relative widths: 1 2 1 makes the middle one twice as wide. A single 3 makes three equal ones.
      </p>

      <section
        v-if="part"
        class="space-y-2 rounded-xl border-2 border-tape-deep bg-white p-3"
        aria-label="The chosen unit"
      >
        <h3 class="font-bold first-letter:uppercase">
          {{ nameOf(part.unit)
          }}<span class="block font-normal text-soft"
            >{{ picture.partSizes[partIndex] }} {{ unitOfLength }} finished</span
          >
        </h3>
        <div class="grid grid-cols-3 gap-2">
          <button class="button px-1" @click="change(turnUnit(block, partIndex, 1))">Turn <kbd>R</kbd></button>
          <button class="button px-1" @click="change(mirrorUnit(block, partIndex))">Mirror <kbd>M</kbd></button>
          <button class="button px-1" @click="change(takeOut(block, partIndex))">Take out</button>
        </div>
        <div class="flex items-center gap-2">
          <span class="flex-1">Takes cells</span>
          <input
            type="number"
            min="1"
            :max="block.columns.length"
            class="field w-16"
            aria-label="Cells across"
            :value="part.columns"
            @change="
              change(
                resize(block, partIndex, {
                  columns: Number(($event.target as HTMLInputElement).value),
                  rows: part.rows,
                }),
              )
            "
          />
          ×
          <input
            type="number"
            min="1"
            :max="block.rows.length"
            class="field w-16"
            aria-label="Cells down"
            :value="part.rows"
            @change="
              change(
                resize(block, partIndex, {
                  columns: part.columns,
                  rows: Number(($event.target as HTMLInputElement).value),
                }),
              )
            "
          />
        </div>
        <label v-if="counted?.countLabel" class="flex items-center gap-2">
          <span class="flex-1 first-letter:uppercase">{{ counted.countLabel }}</span>
          <select
            class="field w-20"
            :value="part.unit.count"
            @change="
              change(changeUnit(block, partIndex, { count: Number(($event.target as HTMLSelectElement).value) }))
            "
          >
            <option v-for="n in counted.counts" :key="n" :value="n">{{ n }}</option>
          </select>
        </label>
        <label v-if="part.unit.kind === 'CORNER_FLIP'" class="flex items-center gap-2">
          <span class="flex-1">Corner as part of the side</span>
          <select
            class="field w-20"
            :value="part.unit.corner"
            @change="change(changeUnit(block, partIndex, { corner: ($event.target as HTMLSelectElement).value }))"
          >
            <option v-for="share in ['1/4', '1/3', '1/2', '2/3', '3/4', '1/1']" :key="share" :value="share">
              {{ share === '1/1' ? 'whole' : share }}
            </option>
          </select>
        </label>
        <p class="text-sm text-soft">
          Dress it: take a fabric in hand and click a patch, drop a fabric on it, or press its number.
        </p>
      </section>
      <p v-else class="text-soft">This cell is empty. Take a unit in hand at the left and click the cell.</p>

      <div
        v-for="flaw in picture.flaws"
        :key="flaw.where + flaw.why"
        class="rounded-xl border border-[#d99a8f] bg-brick-pale p-2"
        role="alert"
      >
        <strong class="block">{{ flaw.where }}</strong>{{ flaw.why }} – {{ flaw.fix }}.
      </div>
      <div class="grid grid-cols-1 gap-2 border-t border-line pt-3">
        <button class="button" @click="emit('kept')">Keep among my own blocks</button>
        <a class="button" :href="`/api/quilts/${$route.params.id}/blocks/${block.key}.svg`" download
          >Block as SVG drawing</a
        >
        <button class="button" @click="emit('removed')">Take the block out of this quilt</button>
      </div>
    </aside>
  </div>
</template>
