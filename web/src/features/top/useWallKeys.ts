import type { Ref } from 'vue'
import type { Schemas } from '@/api/client'
import { isEdge } from './edit/edges'

type Keys = Readonly<Record<string, (event: KeyboardEvent) => void>>

export interface WallKeysOptions {
  /** What is chosen on the wall. */
  part: Readonly<Ref<Schemas['TopPartView'] | undefined>>
  dressByNumber: (number: number) => void
  anywhere: Keys
  onBlocks: Keys
  onPlaces: Keys
  onEdges: Keys
}

/** What a key does on the wall depends on what is chosen. */
export function useWallKeys({ part, dressByNumber, anywhere, onBlocks, onPlaces, onEdges }: WallKeysOptions) {
  const isPlace = () => part.value?.kind === 'BLOCK' || part.value?.kind === 'PLAIN_BETWEEN'
  /** Halves at the ends of shifted rows are turned and mirrored too, but not copied or swapped. */
  const canTurn = () => isPlace() || part.value?.kind === 'HALF_BLOCK'

  return function press(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const key = event.key.toLowerCase()
    const act = /^[1-9]$/.test(key)
      ? () => dressByNumber(Number(key))
      : (anywhere[key] ??
        (canTurn() ? onBlocks[key] : undefined) ??
        (isPlace() ? onPlaces[key] : undefined) ??
        (isEdge(part.value) ? onEdges[key] : undefined))
    if (!act) return
    act(event)
    event.preventDefault()
  }
}
