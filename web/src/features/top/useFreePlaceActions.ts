import { computed, type Ref, ref } from 'vue'
import { type AtEdge, edgeAt, edgesSwapped, isEdge, withEdges } from './edit/edges'
import { type At, lockTurned, placeAt, swapped, swappedWithSpare, withPlaces } from './edit/places'
import type { PlaceActionsOptions } from './usePlaceActions'

type Spot = At & AtEdge

export interface FreePlaceActionsOptions extends PlaceActionsOptions {
  /** Which unit along the chosen part is meant, where it is no block. */
  unit: Readonly<Ref<number>>
}

/** Locking a place, exchanging two, and swapping spare blocks in: what is made stays the same. */
export function useFreePlaceActions({ design, parts, part, unit, change, say }: FreePlaceActionsOptions) {
  const spot = computed<Spot>(() => ({
    row: part.value?.row ?? -1,
    column: part.value?.column ?? -1,
    part: part.value?.id ?? '',
    unit: unit.value,
  }))
  const partOf = (at: Spot) => parts.value.find((each) => each.id === at.part)

  function lock() {
    const atEdge = isEdge(part.value)
    const was = atEdge ? edgeAt(design.value, spot.value) : placeAt(design.value, spot.value)
    const locked = !was.locked
    change(
      atEdge
        ? withEdges(design.value, [{ ...edgeAt(design.value, spot.value), locked }])
        : withPlaces(design.value, [lockTurned(placeAt(design.value, spot.value))]),
    )
    say(locked ? 'Locked: it stays when free places are laid out anew.' : 'Free again.')
  }

  /** The place that waits for another to change places with. */
  const waiting = ref<Spot>()
  function startExchange() {
    waiting.value = waiting.value ? undefined : { ...spot.value }
    say(waiting.value ? `Choose the place that ${part.value?.where} changes places with.` : '')
  }
  /** Whether the place chosen now was the other one. */
  function endExchange(other: Spot): boolean {
    const first = waiting.value
    if (!first || (first.part === other.part && first.unit === other.unit)) return false
    waiting.value = undefined
    const [one, two] = [partOf(first), partOf(other)]
    if (isEdge(one) && isEdge(two)) change(edgesSwapped(design.value, first, other))
    else if (one?.kind === 'BLOCK' && two?.kind === 'BLOCK') change(swapped(design.value, first, other))
    else return false
    say('Exchanged. What is made stays the same.')
    return true
  }
  /** E at one place and E at another exchange the two. */
  function exchange() {
    if (!endExchange(spot.value)) startExchange()
  }

  let next = 0
  function takeSpare(index?: number) {
    const spares = design.value.plan.making.spareBlocks
    if (!spares.length) return say('There are no spare blocks: make some for the free places first.')
    const changed = swappedWithSpare(design.value, spot.value, index ?? next++ % spares.length)
    if (changed) change(changed)
    else say('That spare block is of another kind than the place.')
  }

  return { lock, startExchange, endExchange, exchange, takeSpare }
}
