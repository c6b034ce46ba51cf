import { onUnmounted, type Ref } from 'vue'
import type { Point } from './geometry'
import type { Grip } from './grips'
import { TwoFingers } from './TwoFingers'
import { type CarryOptions, useCarry } from './useCarry'

export interface WallGesturesOptions extends CarryOptions {
  wall: Readonly<Ref<HTMLElement | null>>
  zoom: Readonly<Ref<number>>
  grips: Readonly<Ref<readonly Grip[]>>
  chosen: Readonly<Ref<string | undefined>>
  pan: (dx: number, dy: number) => void
  zoomTo: (next: number) => void
  gripMoved: (grip: Grip, by: Point) => void
  gripDropped: (grip: Grip, by: Point) => void
  /** Two fingers lie on one block. */
  choose: (part: string) => void
  turned: (quarters: 1 | -1) => void
}

const FAR_ENOUGH_PX = 6

/** What one pointer began with. */
interface Begun {
  at: Point
  grip: Grip | undefined
  part: string | undefined
  /** Pixels an inch. */
  scale: number
}

/** What is dragged goes on outside the wall, and ends wherever it is let go. */
function onWindow(
  up: (event: PointerEvent) => void,
  away: (event: PointerEvent) => void,
  onKey: (event: KeyboardEvent) => void,
) {
  window.addEventListener('pointerup', up)
  window.addEventListener('pointercancel', away)
  window.addEventListener('keydown', onKey, true)
  onUnmounted(() => {
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', away)
    window.removeEventListener('keydown', onKey, true)
  })
}

/** Two fingers turn a block they both lie on, and zoom elsewhere. */
function usePair(options: WallGesturesOptions, isBlock: (part: string | undefined) => boolean) {
  const fingers = new Map<number, { at: Point; part: string | undefined }>()
  let pair: { fingers: TwoFingers; zoom: number; onOne: boolean } | undefined

  function begin() {
    const [a, b] = [...fingers.values()]
    const onOne = a!.part === b!.part && isBlock(a!.part)
    if (onOne) options.choose(a!.part!)
    pair = { fingers: new TwoFingers(a!.at, b!.at), zoom: options.zoom.value, onOne }
  }
  /** Whether there are two. */
  function move(): boolean {
    const [a, b] = [...fingers.values()]
    if (!pair || !a || !b) return false
    if (pair.onOne) {
      const quarters = pair.fingers.turn(a.at, b.at)
      if (quarters) options.turned(quarters)
    } else options.zoomTo(pair.zoom * pair.fingers.zoom(a.at, b.at))
    return true
  }
  function lift(finger: number) {
    fingers.delete(finger)
    pair = undefined
  }
  return { fingers, begin, move, lift }
}

/**
 * What is done by pointer: a grip is dragged, a block is carried to another (when the whole top is seen, or when it is the
 * chosen one), and everything else moves what is seen.
 */
export function useWallGestures(options: WallGesturesOptions) {
  const { wall, zoom, chosen } = options
  const { carry, partUnder, isBlock, over, drop, letGo } = useCarry(options)
  const { fingers, begin, move: movePair, lift } = usePair(options, isBlock)
  let begun: Begun | undefined
  let moved = false

  function down(event: PointerEvent) {
    const at = { x: event.clientX, y: event.clientY }
    const target = event.target as Element
    const part = partUnder(target)
    if (fingers.size === 0) moved = false
    fingers.set(event.pointerId, { at, part })
    if (fingers.size > 1) {
      cancel()
      moved = true
      return begin()
    }
    const number = target.closest('[data-grip]')?.getAttribute('data-grip')
    const scale = wall.value?.querySelector('svg')?.getScreenCTM()?.a ?? 1
    begun = { at, grip: number == null ? undefined : options.grips.value[Number(number)], part, scale }
  }
  const byOf = (event: PointerEvent, from: Begun): Point => ({
    x: (event.clientX - from.at.x) / from.scale,
    y: (event.clientY - from.at.y) / from.scale,
  })
  function move(event: PointerEvent) {
    const finger = fingers.get(event.pointerId)
    if (finger) finger.at = { x: event.clientX, y: event.clientY }
    if (movePair() || !begun || (event.pointerType === 'mouse' && !(event.buttons & 1))) return
    const far = Math.hypot(event.clientX - begun.at.x, event.clientY - begun.at.y)
    if (!moved && far < FAR_ENOUGH_PX) return
    if (!moved) wall.value?.setPointerCapture(event.pointerId)
    moved = true
    drag(event, begun)
  }
  function drag(event: PointerEvent, from: Begun) {
    const mayCarry = isBlock(from.part) && (zoom.value === 1 || from.part === chosen.value)
    if (from.grip) return options.gripMoved(from.grip, byOf(event, from))
    if (mayCarry) return over(from.part!, event)
    const area = wall.value!.getBoundingClientRect()
    options.pan(-(event.clientX - from.at.x) / area.width, -(event.clientY - from.at.y) / area.height)
    from.at = { x: event.clientX, y: event.clientY }
  }
  function up(event: PointerEvent) {
    lift(event.pointerId)
    if (moved && begun?.grip) options.gripDropped(begun.grip, byOf(event, begun))
    begun = undefined
    drop()
  }
  function cancel() {
    if (moved && begun?.grip) options.left()
    begun = undefined
    letGo()
  }
  function away(event: PointerEvent) {
    lift(event.pointerId)
    cancel()
  }
  function onKey(event: KeyboardEvent) {
    if (event.key !== 'Escape' || !(carry.value || (moved && begun?.grip))) return
    event.stopPropagation()
    cancel()
  }
  onWindow(up, away, onKey)
  return { carry, down, move, wasMoved: () => moved }
}
