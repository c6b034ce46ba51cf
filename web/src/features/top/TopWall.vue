<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { Schemas } from '@/api/client'
import { TopPicture } from '@/shared'

export interface TopWallProps {
  /** The top as the server draws it. */
  picture: Schemas['TopPictureView']
  /** The colour of each cloth, in order; greys in the grey view. */
  colours: readonly string[]
  /** Parts to light up. */
  lit: readonly number[]
  /** Parts at which something is wrong. */
  wrong: readonly number[]
  /** The part that is chosen. */
  chosen: string | undefined
}

const props = defineProps<TopWallProps>()
const emit = defineEmits<{ chosen: [partId: string, patch: number | undefined]; opened: [partId: string]; pressed: [event: KeyboardEvent]; dropped: [partId: string, patch: number | undefined, clothKey: string] }>()

const STEP = 1.25
const CLOSEST = 16
const zoom = ref(1)
const at = ref({ x: 0.5, y: 0.5 })
const wall = useTemplateRef<HTMLElement>('wall')

const index = computed(() => props.picture.parts.findIndex((part) => part.id === props.chosen))
const chosenPart = computed(() => props.picture.parts[index.value])
const box = (figure: number) => props.picture.shapes[props.picture.figures[figure]!.shape]!
const outlines = computed(() => ({ chosen: index.value < 0 ? [] : [index.value], wrong: props.wrong }))
const line = computed(() => Math.max(props.picture.width, props.picture.height) / 260 / Math.sqrt(zoom.value))

const style = computed(() => ({
  transform: `scale(${zoom.value}) translate(${(0.5 - at.value.x) * 100}%, ${(0.5 - at.value.y) * 100}%)`,
}))

function zoomTo(next: number, around = at.value) {
  const to = Math.min(CLOSEST, Math.max(1, next))
  const keep = zoom.value / to
  at.value = clamp({ x: around.x + (at.value.x - around.x) * keep, y: around.y + (at.value.y - around.y) * keep }, to)
  zoom.value = to
}
function clamp(point: { x: number; y: number }, scale: number) {
  const room = 0.5 - 0.5 / scale
  return { x: Math.min(0.5 + room, Math.max(0.5 - room, point.x)), y: Math.min(0.5 + room, Math.max(0.5 - room, point.y)) }
}
function pan(dx: number, dy: number) {
  at.value = clamp({ x: at.value.x + dx / zoom.value, y: at.value.y + dy / zoom.value }, zoom.value)
}
function onWheel(event: WheelEvent) {
  const area = wall.value!.getBoundingClientRect()
  const around = {
    x: at.value.x + ((event.clientX - area.left) / area.width - 0.5) / zoom.value,
    y: at.value.y + ((event.clientY - area.top) / area.height - 0.5) / zoom.value,
  }
  zoomTo(zoom.value * (event.deltaY < 0 ? STEP : 1 / STEP), around)
}

let from: { x: number; y: number; moved: boolean } | undefined
function onDown(event: PointerEvent) {
  from = { x: event.clientX, y: event.clientY, moved: false }
}
function onMove(event: PointerEvent) {
  if (!from || !(event.buttons & 1)) return
  const dx = event.clientX - from.x
  const dy = event.clientY - from.y
  if (!from.moved && Math.hypot(dx, dy) < 5) return
  const area = wall.value!.getBoundingClientRect()
  pan(-dx / area.width, -dy / area.height)
  from = { x: event.clientX, y: event.clientY, moved: true }
}
function partUnder(event: Event): string | undefined {
  const hit = (event.target as Element).closest('[data-part]')
  return hit ? props.picture.parts[Number(hit.getAttribute('data-part'))]?.id : undefined
}
/** Which patch of the part lies under the pointer. */
function patchUnder(event: MouseEvent, partId: string): number | undefined {
  const part = props.picture.parts.find((each) => each.id === partId)!
  const svg = wall.value!.querySelector('svg')!
  const screen = svg.getScreenCTM()
  if (!screen) return undefined
  const onTop = new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse())
  const local = new DOMPoint(onTop.x, onTop.y).matrixTransform(new DOMMatrix(part.transform.split(' ').map(Number)).inverse())
  const found = props.picture.shapes[props.picture.figures[part.figure]!.shape]!.patches.findIndex((patch) => contains(patch, local))
  return found < 0 ? undefined : found
}
function contains(patch: string, point: { x: number; y: number }): boolean {
  const corners = patch.split(' ').map((corner) => corner.split(',').map(Number) as [number, number])
  return corners.every(([x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % corners.length]!
    const [thirdX, thirdY] = corners[(i + 2) % corners.length]!
    const side = (nextX - x) * (point.y - y) - (nextY - y) * (point.x - x)
    return side * ((nextX - x) * (thirdY - y) - (nextY - y) * (thirdX - x)) >= 0
  })
}
function onClick(event: MouseEvent) {
  if (from?.moved) return
  const part = partUnder(event)
  if (part) emit('chosen', part, patchUnder(event, part))
}
function onOpen(event: MouseEvent) {
  const part = partUnder(event)
  if (part) emit('opened', part)
}
function onDrop(event: DragEvent) {
  const part = partUnder(event)
  const cloth = event.dataTransfer?.getData('text/plain')
  if (part && cloth) emit('dropped', part, patchUnder(event, part), cloth)
}

/** The middle of a part, where it hangs. */
function middle(i: number) {
  const part = props.picture.parts[i]!
  const [a, b, c, d, e, f] = part.transform.split(' ').map(Number) as [number, number, number, number, number, number]
  const { width, height } = box(part.figure)
  return { x: a * (width / 2) + c * (height / 2) + e, y: b * (width / 2) + d * (height / 2) + f }
}
const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }

/** The nearest part in a direction: what lies straight ahead counts before what lies aside. */
function goTo([dx, dy]: [number, number]) {
  if (index.value < 0) {
    const first = props.picture.parts[0]
    if (first) emit('chosen', first.id, undefined)
    return
  }
  const here = middle(index.value)
  let best: { id: string; far: number } | undefined
  props.picture.parts.forEach((part, i) => {
    const there = middle(i)
    const ahead = (there.x - here.x) * dx + (there.y - here.y) * dy
    const aside = Math.abs((there.x - here.x) * dy) + Math.abs((there.y - here.y) * dx)
    const far = ahead + 2.5 * aside
    if (i !== index.value && ahead > 0.01 && aside <= ahead * 1.01 + 0.01 && (!best || far < best.far)) best = { id: part.id, far }
  })
  if (best) emit('chosen', best.id, undefined)
}

function onKey(event: KeyboardEvent) {
  const arrow = ARROWS[event.key]
  if (arrow && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    if (event.shiftKey) pan(arrow[0] * 0.15, arrow[1] * 0.15)
    else goTo(arrow)
  } else if (event.key === '+' || event.key === '=') zoomTo(zoom.value * STEP)
  else if (event.key === '-') zoomTo(zoom.value / STEP)
  else if (event.key === '0') zoomTo(1)
  else emit('pressed', event)
}

/** Keeps the chosen part in sight when it is reached by keys. */
watch(index, (i) => {
  if (i < 0 || zoom.value === 1) return
  const { x, y } = middle(i)
  const point = { x: x / props.picture.width, y: y / props.picture.height }
  const seen = 0.45 / zoom.value
  if (Math.abs(point.x - at.value.x) > seen || Math.abs(point.y - at.value.y) > seen) at.value = clamp(point, zoom.value)
})

const saying = computed(() => {
  const part = chosenPart.value
  if (!part) return ''
  const turn = [part.mirrored ? 'mirrored' : '', part.quarterTurns ? `turned ${part.quarterTurns * 90}°` : ''].filter(Boolean).join(', ')
  return `${part.where}: ${part.name}${turn ? ', ' + turn : ''}`
})
defineExpose({ zoomIn: () => zoomTo(zoom.value * STEP), zoomOut: () => zoomTo(zoom.value / STEP), whole: () => zoomTo(1) })
</script>

<template>
  <div
    ref="wall"
    class="relative min-h-0 flex-1 cursor-default touch-none overflow-hidden outline-offset-[-3px]"
    tabindex="0"
    role="application"
    aria-label="The wall. Arrow keys choose a part; R turns a block, M mirrors it; plus and minus zoom."
    :data-zoom="zoom.toFixed(2)"
    @keydown="onKey"
    @wheel.prevent="onWheel"
    @pointerdown="onDown"
    @pointermove="onMove"
    @click="onClick"
    @dblclick="onOpen"
    @dragover.prevent
    @drop.prevent="onDrop"
  >
    <div class="absolute inset-4 will-change-transform" :style="style">
      <TopPicture :picture="picture" :colours="colours" :lit="lit">
        <g v-for="part in outlines.wrong" :key="`w${part}`" :transform="`matrix(${picture.parts[part]!.transform})`" pointer-events="none" data-wrong>
          <rect
            :width="box(picture.parts[part]!.figure).width"
            :height="box(picture.parts[part]!.figure).height"
            fill="none"
            stroke="#a8281c"
            :stroke-width="line"
            :stroke-dasharray="`${line * 2.5} ${line * 1.5}`"
          />
        </g>
        <g v-for="part in outlines.chosen" :key="`c${part}`" :transform="`matrix(${picture.parts[part]!.transform})`" pointer-events="none" data-chosen>
          <rect :width="box(picture.parts[part]!.figure).width" :height="box(picture.parts[part]!.figure).height" fill="none" stroke="#17202b" :stroke-width="line * 1.7" />
          <rect :width="box(picture.parts[part]!.figure).width" :height="box(picture.parts[part]!.figure).height" fill="none" stroke="#ffcf3f" :stroke-width="line" />
        </g>
      </TopPicture>
    </div>
    <p class="sr-only" role="status">{{ saying }}</p>
  </div>
</template>
