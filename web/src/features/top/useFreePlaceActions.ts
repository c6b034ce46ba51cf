import { computed, ref } from 'vue'
import { type At, lockTurned, placeAt, swapped, swappedWithSpare, withPlaces } from './edit/places'
import type { PlaceActionsOptions } from './usePlaceActions'

/** Locking a place, exchanging two, and swapping spare blocks in: what is made stays the same. */
export function useFreePlaceActions({ design, parts, part, change, say }: PlaceActionsOptions) {
  const at = computed<At>(() => ({ row: part.value?.row ?? -1, column: part.value?.column ?? -1 }))
  const here = () => placeAt(design.value, at.value)
  const isBlock = (place: At) =>
    parts.value.some((each) => each.kind === 'BLOCK' && each.row === place.row && each.column === place.column)

  function lock() {
    const now = lockTurned(here())
    change(withPlaces(design.value, [now]))
    say(now.locked ? 'Locked: it stays when free places are laid out anew.' : 'Free again.')
  }

  /** The place that waits for another to change places with. */
  const waiting = ref<At>()
  function startExchange() {
    waiting.value = waiting.value ? undefined : { ...at.value }
    say(waiting.value ? `Choose the place that ${part.value?.where} changes places with.` : '')
  }
  /** Whether the place chosen now was the other one. */
  function endExchange(other: At): boolean {
    const first = waiting.value
    if (!first || (first.row === other.row && first.column === other.column)) return false
    waiting.value = undefined
    if (!isBlock(other)) return false
    change(swapped(design.value, first, other))
    say('Exchanged. What is made stays the same.')
    return true
  }
  /** E at one place and E at another exchange the two. */
  function exchange() {
    if (!endExchange(at.value)) startExchange()
  }

  let next = 0
  function takeSpare(index?: number) {
    const spares = design.value.plan.making.spareBlocks
    if (!spares.length) return say('There are no spare blocks: make some for the free places first.')
    const changed = swappedWithSpare(design.value, at.value, index ?? next++ % spares.length)
    if (changed) change(changed)
    else say('That spare block is of another kind than the place.')
  }

  return { lock, startExchange, endExchange, exchange, takeSpare }
}
