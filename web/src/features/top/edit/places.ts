import type { QuiltDesign } from '@/features/quilts'

export type Place = QuiltDesign['places'][number]

/** A place on the wall, rows and columns from 0. */
export interface At {
  row: number
  column: number
}

const same = (a: At, b: At) => a.row === b.row && a.column === b.column

/** What the setting itself puts at a place. */
export function settingsOwn(design: QuiltDesign, at: At): Place {
  return { ...at, block: '', quarterTurns: 0, mirrored: false, exchanges: [], locked: false }
}

export function placeAt(design: QuiltDesign, at: At): Place {
  return design.places.find((place) => same(place, at)) ?? settingsOwn(design, at)
}

/** Key of the block that stands at a place: its own, or the one whose turn it is. */
export function blockAt(design: QuiltDesign, at: At): string {
  const own = placeAt(design, at).block
  const { kind, between, betweenBlock, blocks: turns } = design.setting
  if (!own && kind === 'ON_POINT' && at.row % 2 === 1 && between !== 'SAME')
    return between === 'OTHER' ? betweenBlock : ''
  return own || (turns[(at.row + at.column) % Math.max(1, turns.length)] ?? '')
}

function isPlain(place: Place): boolean {
  return !place.block && place.quarterTurns === 0 && !place.mirrored && place.exchanges.length === 0 && !place.locked
}

/** The design with these places changed; one that is as the setting has it is not kept. */
export function withPlaces(design: QuiltDesign, changed: readonly Place[]): Partial<QuiltDesign> {
  const others = design.places.filter((place) => !changed.some((each) => same(each, place)))
  return { places: [...others, ...changed.filter((place) => !isPlain(place))] }
}

export function turned(place: Place, quarters: number): Place {
  return { ...place, quarterTurns: (place.quarterTurns + quarters + 4) % 4 }
}

/** Mirrored as it hangs: left becomes right, so a turned block turns the other way. */
export function mirrored(place: Place): Place {
  return { ...place, mirrored: !place.mirrored, quarterTurns: (4 - place.quarterTurns) % 4 }
}

/** A locked place stays as it is when free places are laid out anew. */
export function lockTurned(place: Place): Place {
  return { ...place, locked: !place.locked }
}

/** A spare block of the same kind changes places with what lies there; other exchanges of the place stay. */
export function swappedWithSpare(design: QuiltDesign, at: At, index: number): Partial<QuiltDesign> | undefined {
  const spares = design.plan.making.spareBlocks
  const spare = spares[index]
  const place = placeAt(design, at)
  if (!spare || blockAt(design, at) !== spare.block) return undefined
  const free = new Set(spare.exchanges.map((exchange) => exchange.from))
  const own = place.exchanges.filter((exchange) => free.has(exchange.from))
  const others = place.exchanges.filter((exchange) => !free.has(exchange.from))
  const left = spares.map((each, i) => (i === index ? { ...each, exchanges: own, mirrored: place.mirrored } : each))
  return {
    ...withPlaces(design, [{ ...place, mirrored: spare.mirrored, exchanges: [...others, ...spare.exchanges] }]),
    plan: { ...design.plan, making: { ...design.plan.making, spareBlocks: left } },
  }
}

/** A copy of what stands at one place, to be put at another. */
export function copyTo(design: QuiltDesign, from: At, to: At): Place {
  return { ...placeAt(design, from), block: blockAt(design, from), locked: placeAt(design, to).locked, ...to }
}

/** Two places change what stands there. */
export function swapped(design: QuiltDesign, a: At, b: At): Partial<QuiltDesign> {
  return withPlaces(design, [copyTo(design, a, b), copyTo(design, b, a)])
}

/** Two whole rows change places; rows of different lengths only where both have a block. */
export function rowsSwapped(
  design: QuiltDesign,
  row: number,
  other: number,
  columns: readonly number[],
): Partial<QuiltDesign> {
  return withPlaces(
    design,
    columns.flatMap((column) => [
      copyTo(design, { row, column }, { row: other, column }),
      copyTo(design, { row: other, column }, { row, column }),
    ]),
  )
}

/** One row put onto another. */
export function rowCopied(
  design: QuiltDesign,
  from: number,
  to: number,
  columns: readonly number[],
): Partial<QuiltDesign> {
  return withPlaces(
    design,
    columns.map((column) => copyTo(design, { row: from, column }, { row: to, column })),
  )
}

/** A whole row as it hangs seen in a mirror: its ends change places, and everything in it is mirrored. */
export function rowMirrored(design: QuiltDesign, row: number, columns: readonly number[]): Partial<QuiltDesign> {
  const reversed = columns.toReversed()
  return withPlaces(
    design,
    columns.map((column, i) => mirrored(copyTo(design, { row, column: reversed[i]! }, { row, column }))),
  )
}

/** One cloth for another at a place; back to its own takes the exchange away. */
export function exchangedAt(place: Place, from: string, to: string): Place {
  const others = place.exchanges.filter((exchange) => exchange.from !== from)
  return { ...place, exchanges: from === to ? others : [...others, { from, to }] }
}
