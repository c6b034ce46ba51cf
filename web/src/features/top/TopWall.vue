<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { Schemas } from '@/api/client'
import { TopPicture } from '@/shared'
import { ARROWS, kept, middleOf, neighbour, patchAt, type Point, zoomed } from './wall/geometry'
import type { Grip } from './wall/grips'
import { useWallGestures } from './wall/useWallGestures'

export interface TopWallProps {
  /** The top as the server draws it. */
  picture: Schemas['TopPictureView']
  /** The colour of each cloth, in order; greys in the grey view. */
  colours: readonly string[]
  /** Parts to light up. */
  lit: readonly number[]
  /** Parts at which something is wrong. */
  wrong: readonly number[]
  /** Parts that stay as they are when free places are laid out anew. */
  locked: readonly number[]
  /** The part that is chosen. */
  chosen: string | undefined
  /** Which unit along it, where it is a strip of units. */
  chosenUnit?: number
  /** Where the top can be taken hold of. */
  grips?: readonly Grip[]
  /** What is drawn while something is dragged, instead of the top as it is. */
  trial?: Schemas['TopPictureView']
  /** What is said of it. */
  note?: string
}

const props = defineProps<TopWallProps>()
const emit = defineEmits<{
  chosen: [partId: string, patch: number | undefined]
  opened: [partId: string]
  pressed: [event: KeyboardEvent]
  dropped: [partId: string, patch: number | undefined, clothKey: string, whole: boolean]
  /** Something from the tray is over a patch, or over none. */
  hovered: [partId: string | undefined, patch: number | undefined, whole: boolean]
  spareDropped: [partId: string, index: number]
  carrying: [from: string, over: string | undefined]
  carried: [from: string, to: string]
  gripMoved: [grip: Grip, by: Point]
  gripDropped: [grip: Grip, by: Point]
  left: []
  turned: [quarters: 1 | -1]
  grown: [across: number, down: number]
}>()

const STEP = 1.25
const CLOSEST = 16
const zoom = ref(1)
const at = ref({ x: 0.5, y: 0.5 })
const wall = useTemplateRef<HTMLElement>('wall')

const indexOf = (id: string | undefined) => props.picture.parts.findIndex((part) => part.id === id)
const index = computed(() => indexOf(props.chosen))
const chosenPart = computed(() => props.picture.parts[index.value])
const box = (figure: number) => props.picture.shapes[props.picture.figures[figure]!.shape]!
const outlines = computed(() => ({
  chosen: index.value < 0 || isTried.value ? [] : [index.value],
  wrong: isTried.value ? [] : props.wrong,
  carried: [carry.value?.from, carry.value?.over].map(indexOf).filter((part) => part >= 0),
}))
/** The patches of the one unit that is chosen along a strip; none where the part has no units. */
const chosenPatches = computed(() => {
  const shape = chosenPart.value && box(chosenPart.value.figure)
  return shape?.patches.filter((_, i) => shape.units.length > 1 && shape.units[i] === props.chosenUnit) ?? []
})
const line = computed(() => Math.max(props.picture.width, props.picture.height) / 260 / Math.sqrt(zoom.value))

const style = computed(() => ({
  transform: `scale(${zoom.value}) translate(${(0.5 - at.value.x) * 100}%, ${(0.5 - at.value.y) * 100}%)`,
}))

/** A small padlock in a corner of the part. */
function padlock(figure: number): string {
  const s = Math.min(box(figure).width, box(figure).height) / 10
  const at = s / 2
  return (
    `M ${at} ${at + s} h ${1.4 * s} v ${1.1 * s} h ${-1.4 * s} Z ` +
    `M ${at + 0.2 * s} ${at + s} v ${-0.4 * s} a ${0.5 * s} ${0.5 * s} 0 0 1 ${s} 0 v ${0.4 * s} h ${-0.25 * s} ` +
    `v ${-0.4 * s} a ${0.25 * s} ${0.25 * s} 0 0 0 ${-0.5 * s} 0 v ${0.4 * s} Z`
  )
}

function zoomTo(next: number, around = at.value) {
  const to = Math.min(CLOSEST, Math.max(1, next))
  at.value = zoomed(at.value, around, zoom.value, to)
  zoom.value = to
}
function pan(dx: number, dy: number) {
  at.value = kept({ x: at.value.x + dx / zoom.value, y: at.value.y + dy / zoom.value }, zoom.value)
}
function onWheel(event: WheelEvent) {
  const area = wall.value!.getBoundingClientRect()
  const around = {
    x: at.value.x + ((event.clientX - area.left) / area.width - 0.5) / zoom.value,
    y: at.value.y + ((event.clientY - area.top) / area.height - 0.5) / zoom.value,
  }
  zoomTo(zoom.value * (event.deltaY < 0 ? STEP : 1 / STEP), around)
}

const { carry, down, move, wasMoved } = useWallGestures({
  wall,
  zoom,
  grips: computed(() => props.grips ?? []),
  parts: computed(() => props.picture.parts),
  chosen: computed(() => props.chosen),
  pan,
  zoomTo,
  carrying: (from, over) => emit('carrying', from, over),
  carried: (from, to) => emit('carried', from, to),
  gripMoved: (grip, by) => emit('gripMoved', grip, by),
  gripDropped: (grip, by) => emit('gripDropped', grip, by),
  left: () => emit('left'),
  choose: (part) => emit('chosen', part, undefined),
  turned: (quarters) => emit('turned', quarters),
})
const isTried = computed(() => props.trial !== undefined)
function partUnder(event: Event): string | undefined {
  const hit = (event.target as Element).closest('[data-part]')
  return hit ? props.picture.parts[Number(hit.getAttribute('data-part'))]?.id : undefined
}
/** Which patch of the part lies under the pointer. */
function patchUnder(event: MouseEvent, partId: string): number | undefined {
  const screen = wall.value!.querySelector('svg')!.getScreenCTM()
  if (!screen) return undefined
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse())
  return patchAt(props.picture, partId, { x, y })
}
function onClick(event: MouseEvent) {
  if (wasMoved()) return
  const part = partUnder(event)
  if (part) emit('chosen', part, patchUnder(event, part))
}
function onOpen(event: MouseEvent) {
  const part = partUnder(event)
  if (part) emit('opened', part)
}
function onDrop(event: DragEvent) {
  const part = partUnder(event)
  const spare = event.dataTransfer?.getData('application/x-spare-block')
  if (part && spare) return emit('spareDropped', part, Number(spare))
  const cloth = event.dataTransfer?.getData('text/plain')
  if (part && cloth) emit('dropped', part, patchUnder(event, part), cloth, event.shiftKey)
}
function onDragOver(event: DragEvent) {
  const part = partUnder(event)
  emit('hovered', part, part ? patchUnder(event, part) : undefined, event.shiftKey)
}
function onDragLeave(event: DragEvent) {
  if (!wall.value!.contains(event.relatedTarget as Node | null)) emit('hovered', undefined, undefined, false)
}

function goTo(direction: readonly [number, number]) {
  const next = index.value < 0 ? props.picture.parts[0]?.id : neighbour(props.picture, index.value, direction)
  if (next) emit('chosen', next, undefined)
}

function onKey(event: KeyboardEvent) {
  const arrow = ARROWS[event.key]
  if (arrow && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    if (event.altKey) emit('grown', arrow[0], arrow[1])
    else if (event.shiftKey) pan(arrow[0] * 0.15, arrow[1] * 0.15)
    else goTo(arrow)
  } else if (event.key === '+' || event.key === '=') zoomTo(zoom.value * STEP)
  else if (event.key === '-') zoomTo(zoom.value / STEP)
  else if (event.key === '0') zoomTo(1)
  else emit('pressed', event)
}

/** Keeps the chosen part in sight when it is reached by keys. */
watch(index, (i) => {
  if (i < 0 || zoom.value === 1) return
  const { x, y } = middleOf(props.picture, i)
  const point = { x: x / props.picture.width, y: y / props.picture.height }
  const seen = 0.45 / zoom.value
  if (Math.abs(point.x - at.value.x) > seen || Math.abs(point.y - at.value.y) > seen) at.value = kept(point, zoom.value)
})

const saying = computed(() => {
  const part = chosenPart.value
  if (!part) return ''
  const turn = [part.mirrored ? 'mirrored' : '', part.quarterTurns ? `turned ${part.quarterTurns * 90}°` : '']
    .filter(Boolean)
    .join(', ')
  return `${part.where}: ${part.name}${turn ? ', ' + turn : ''}`
})
defineExpose({
  zoomIn: () => zoomTo(zoom.value * STEP),
  zoomOut: () => zoomTo(zoom.value / STEP),
  whole: () => zoomTo(1),
})
</script>

<template>
  <div
    ref="wall"
    class="relative min-h-0 flex-1 cursor-default touch-none overflow-hidden outline-offset-[-3px]"
    tabindex="0"
    role="application"
    aria-label="The wall. Arrow keys choose a part. R turns a block, M mirrors it. Alt with an arrow adds or takes a row or column. Plus and minus zoom."
    :data-zoom="zoom.toFixed(2)"
    @keydown="onKey"
    @wheel.prevent="onWheel"
    @pointerdown="down"
    @pointermove="move"
    @click="onClick"
    @dblclick="onOpen"
    @dragover.prevent="onDragOver"
    @dragleave="onDragLeave"
    @drop.prevent="onDrop"
  >
    <div class="absolute inset-4 will-change-transform" :style="style">
      <TopPicture :picture="trial ?? picture" :colours="colours" :lit="trial ? [] : lit">
        <g
          v-for="part in isTried ? [] : locked"
          :key="`l${part}`"
          :transform="`matrix(${picture.parts[part]!.transform})`"
          pointer-events="none"
          data-locked
        >
          <path
            :d="padlock(picture.parts[part]!.figure)"
            fill="#17202b"
            stroke="#ffffff"
            :stroke-width="line * 0.5"
            fill-rule="evenodd"
          />
        </g>
        <g
          v-for="part in outlines.wrong"
          :key="`w${part}`"
          :transform="`matrix(${picture.parts[part]!.transform})`"
          pointer-events="none"
          data-wrong
        >
          <rect
            :width="box(picture.parts[part]!.figure).width"
            :height="box(picture.parts[part]!.figure).height"
            fill="none"
            stroke="#a8281c"
            :stroke-width="line"
            :stroke-dasharray="`${line * 2.5} ${line * 1.5}`"
          />
        </g>
        <g
          v-for="part in outlines.chosen"
          :key="`c${part}`"
          :transform="`matrix(${picture.parts[part]!.transform})`"
          pointer-events="none"
          data-chosen
        >
          <rect
            :width="box(picture.parts[part]!.figure).width"
            :height="box(picture.parts[part]!.figure).height"
            fill="none"
            stroke="#17202b"
            :stroke-width="line * 1.7"
          />
          <rect
            :width="box(picture.parts[part]!.figure).width"
            :height="box(picture.parts[part]!.figure).height"
            fill="none"
            stroke="#ffcf3f"
            :stroke-width="line"
          />
          <polygon
            v-for="patch in chosenPatches"
            :key="patch"
            :points="patch"
            fill="none"
            stroke="#17202b"
            :stroke-width="line"
          />
        </g>
        <g
          v-for="part in outlines.carried"
          :key="`m${part}`"
          :transform="`matrix(${picture.parts[part]!.transform})`"
          pointer-events="none"
          data-carried
        >
          <rect
            :width="box(picture.parts[part]!.figure).width"
            :height="box(picture.parts[part]!.figure).height"
            fill="none"
            stroke="#1c6b46"
            :stroke-width="line * 2"
            :stroke-dasharray="`${line * 4} ${line * 2}`"
          />
        </g>
        <g v-for="(grip, i) in isTried ? [] : (grips ?? [])" :key="grip.kind" :data-grip="i" class="grip">
          <title>{{ grip.says }}</title>
          <circle :cx="grip.at.x" :cy="grip.at.y" :r="line * 7" fill="transparent" />
          <circle
            :cx="grip.at.x"
            :cy="grip.at.y"
            :r="line * 3"
            fill="#ffcf3f"
            stroke="#17202b"
            :stroke-width="line * 0.8"
          />
        </g>
      </TopPicture>
    </div>
    <p
      v-if="note"
      class="pointer-events-none absolute inset-x-3 top-2 rounded-lg border border-tape-deep bg-tape-pale/95 px-3 py-2"
      data-trial
    >
      {{ note }}
    </p>
    <p class="sr-only" role="status">{{ saying }}</p>
  </div>
</template>

<style scoped>
.grip {
  cursor: grab;
}
</style>
