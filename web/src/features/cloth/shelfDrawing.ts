import type { Schemas } from '@/api/client'

type Cloth = Schemas['ShelfClothView']
type Piece = Schemas['PieceOutline']

/** How a piece lies on the shelf, in inches: its face, and how many of it are drawn one over the other. */
export interface Lying {
  width: number
  height: number
  layers: number
}

const QUARTER_YARD = 9
/** Thickness of a quarter of a yard folded in four, so that it can be seen (our own). */
const FOLD = 0.6
const MOST_LAYERS = 6

/**
 * Lengths lie folded in four, seen from the front: each quarter of a yard is a layer. Fat quarters and strips are folded in
 * four too; squares and scraps lie as they are.
 */
export function lying(piece: Piece, count: number): Lying {
  const layers = Math.min(MOST_LAYERS, count)
  switch (piece.form) {
    case 'YARDAGE':
      return { width: piece.width / 4, height: Math.max(1, Math.ceil(piece.length / QUARTER_YARD)) * FOLD, layers }
    case 'STRIP':
      return { width: Math.max(piece.width, piece.length) / 4, height: Math.min(piece.width, piece.length), layers }
    case 'FAT_QUARTER':
    case 'FAT_EIGHTH':
      return { width: piece.width / 2, height: piece.length / 2, layers }
    default:
      return { width: piece.width, height: piece.length, layers }
  }
}

/** What lies on the shelf as one: a cloth, or a pack with its prints. */
export interface Lot {
  key: string
  name: string
  cloths: Cloth[]
}

/** By which the lot of a cloth is known. */
export const keyOf = (cloth: Cloth) => (cloth.pack ? `pack ${cloth.pack}` : cloth.id)

/** Packs are folded to one. The newest come first. */
export function lotsOf(cloths: readonly Cloth[]): Lot[] {
  const lots = new Map<string, Lot>()
  for (const cloth of cloths.toReversed()) {
    const key = keyOf(cloth)
    const lot = lots.get(key)
    if (lot) lot.cloths.unshift(cloth)
    else lots.set(key, { key, name: cloth.pack || cloth.name, cloths: [cloth] })
  }
  return [...lots.values()]
}

export const ORDERS = { newest: 'newest first', value: 'light to dark', colour: 'round the colours', name: 'by name' }
export type Order = keyof typeof ORDERS

/** Where a colour lies on the wheel, 0 to 6; greys come last. */
export function hue(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16) / 255) as [number, number, number]
  const most = Math.max(r, g, b)
  const span = most - Math.min(r, g, b)
  if (span < 0.08) return 7
  if (most === r) return ((g - b) / span + 6) % 6
  return most === g ? (b - r) / span + 2 : (r - g) / span + 4
}

export function ordered(lots: readonly Lot[], order: Order): Lot[] {
  const first = (lot: Lot) => lot.cloths[0]!
  switch (order) {
    case 'value':
      return lots.toSorted((a, b) => first(b).judged - first(a).judged)
    case 'colour':
      return lots.toSorted((a, b) => hue(first(a).colour) - hue(first(b).colour))
    case 'name':
      return lots.toSorted((a, b) => a.name.localeCompare(b.name))
    case 'newest':
      return [...lots]
  }
}

/** What a lot is mostly made of: what one looks for when one goes to the shelf. */
export const SORTS = { all: 'All', lengths: 'Lengths', precuts: 'Precuts', scraps: 'Scraps' }
export type Sort = keyof typeof SORTS

const PRECUT: readonly Piece['form'][] = ['SQUARE', 'STRIP']

/** Lines of pieces that are not cut for a quilt already. */
const uncut = <L extends { piece?: { form: Piece['form'] } }>(lines: readonly L[]) =>
  lines.filter((line) => line.piece?.form !== 'CUT')

export function isOfSort(lot: Lot, sort: Sort): boolean {
  const forms = lot.cloths.flatMap((cloth) => uncut(cloth.lines).map((line) => line.piece.form))
  switch (sort) {
    case 'all':
      return true
    case 'precuts':
      return lot.cloths.length > 1 || forms.some((form) => PRECUT.includes(form))
    case 'scraps':
      return forms.includes('SCRAP')
    case 'lengths':
      return lot.cloths.length === 1 && forms.some((form) => form !== 'SCRAP' && !PRECUT.includes(form))
  }
}

/** Lots that have all these words in their names or kinds, in any order. */
export function found(lots: readonly Lot[], words: string): Lot[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return lots.filter((lot) => {
    const said = `${lot.name} ${lot.cloths.map((cloth) => `${cloth.name} ${cloth.kind}`).join(' ')}`.toLowerCase()
    return wanted.every((word) => said.includes(word))
  })
}

/** What there is of a lot, in few words: the pieces as understood without the cloth's name, or how many prints. */
export function summary(lot: Lot): string {
  if (lot.cloths.length > 1) return `${lot.cloths.length} prints`
  const { lines, name } = lot.cloths[0]!
  const whole = uncut(lines)
  const said = whole.map((line) => line.understood.replace(` – ${name}`, ''))
  return [...said, ...(whole.length < lines.length ? [whole.length ? 'more is cut' : 'all is cut'] : [])].join(', ')
}
