import type { QuiltDesign } from '@/features/quilts'

export type Side = QuiltDesign['borders'][number]['sides'][number]['side']

/** Clockwise from the upper one; the first is number 1 in the id of its part. */
export const SIDES: readonly { side: Side; name: string }[] = [
  { side: 'UPPER', name: 'above' },
  { side: 'RIGHT', name: 'right' },
  { side: 'LOWER', name: 'below' },
  { side: 'LEFT', name: 'left' },
]

/** A part of a border; borders count from 0. A corner has no side. */
export interface BorderPart {
  border: number
  side?: Side
}

/** What part of which border this is; nothing of any other part. Ids are read and written here only, as `PartId` does in Java. */
export function borderPartOf(id: string): BorderPart | undefined {
  const found = /^border-(\d+)-(?:corner-\d+|(\d+))$/.exec(id)
  if (!found) return undefined
  const side = SIDES[Number(found[2]) - 1]?.side
  return { border: Number(found[1]) - 1, ...(side && { side }) }
}

/** The id of a side of a border. */
export const idOfSide = (border: number, side: Side): string =>
  `border-${border + 1}-${SIDES.findIndex((each) => each.side === side) + 1}`

/** The same side or corner of another border. */
export const idInBorder = (id: string, border: number): string => id.replace(/^border-\d+/, `border-${border + 1}`)
