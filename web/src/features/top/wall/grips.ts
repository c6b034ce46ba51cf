import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { hung, middleOf, type Point } from './geometry'

type Picture = Schemas['TopPictureView']

/** What can be taken hold of at the edge of the top: a plain border by its outer edge, all of it by a corner. */
export interface Grip {
  kind: 'border' | 'corner'
  /** Which border, from 0. */
  border: number
  at: Point
  says: string
}

const MOST_BLOCKS = 100
const CM_PER_INCH = 2.54

const sideOf = (border: number) => new RegExp(`^border-${border + 1}-\\d+$`)

/** The side of a border that lies furthest to the right, as it hangs. */
function rightSide(picture: Picture, border: number) {
  const sides = picture.parts.flatMap((part, i) => (sideOf(border).test(part.id) ? [i] : []))
  return sides.toSorted((a, b) => middleOf(picture, b).x - middleOf(picture, a).x)[0]
}

/** A grip lies this much of the top's larger side inside its edge, so that all of it can be taken. */
const INSIDE = 1 / 70
const insideOf = (picture: Picture) => Math.max(picture.width, picture.height) * INSIDE

const boxOf = (picture: Picture, part: number) => picture.shapes[picture.figures[picture.parts[part]!.figure]!.shape]!

/** The grips there are: the corner, and the edge of the border that is chosen, or else of the outermost. */
export function gripsOf(picture: Picture, design: QuiltDesign, chosen: string | undefined): Grip[] {
  const corner: Grip = {
    kind: 'corner',
    border: -1,
    at: { x: picture.width - insideOf(picture), y: picture.height - insideOf(picture) },
    says: 'Drag for more or fewer rows and columns',
  }
  const ofChosen = /^border-(\d+)-/.exec(chosen ?? '')
  const border = ofChosen ? Number(ofChosen[1]) - 1 : design.borders.length - 1
  const side = design.borders[border]?.kind === 'PLAIN' ? rightSide(picture, border) : undefined
  if (side === undefined) return [corner]
  const { width, height } = boxOf(picture, side)
  const { transform } = picture.parts[side]!
  const xs = [hung(transform, { x: 0, y: 0 }).x, hung(transform, { x: width, y: height }).x]
  const at = { x: Math.max(...xs) - insideOf(picture), y: middleOf(picture, side).y }
  return [corner, { kind: 'border', border, at, says: `Drag for the width of border ${border + 1}` }]
}

/** Rows of a setting on point lie half a block apart; those that are counted lie a whole one apart. */
function pitch(picture: Picture, design: QuiltDesign): Point {
  const step = design.setting.kind === 'ON_POINT' ? 2 : 1
  const at = (row: number, column: number) => {
    const i = picture.parts.findIndex((part) => part.row === row && part.column === column)
    return i < 0 ? undefined : middleOf(picture, i)
  }
  const here = at(0, 0)
  const right = at(0, 1)
  const below = at(step, 0)
  const across = here && right ? right.x - here.x : undefined
  const down = here && below ? below.y - here.y : undefined
  const alone = Math.min(picture.width, picture.height)
  return { x: across ?? down ?? alone, y: down ?? across ?? alone }
}

/** How many blocks there are when the corner is so much further right and down. */
export function blocksWhenMoved(picture: Picture, design: QuiltDesign, by: Point): { across: number; down: number } {
  const { x, y } = pitch(picture, design)
  const within = (count: number) => Math.min(MOST_BLOCKS, Math.max(1, count))
  return {
    across: within(design.setting.across + Math.round(by.x / x)),
    down: within(design.setting.down + Math.round(by.y / y)),
  }
}

const QUARTERS = ['', '1/4', '1/2', '3/4']

/** A width as it would be typed, on the next quarter of an inch or half centimetre. */
export function widthTyped(inches: number, system: QuiltDesign['system']): string {
  if (system === 'CENTIMETRE') return String(Math.max(1, Math.round(inches * CM_PER_INCH * 2)) / 2)
  const quarters = Math.max(1, Math.round(inches * 4))
  return [Math.floor(quarters / 4) || '', QUARTERS[quarters % 4]].filter(Boolean).join(' ')
}

/** How wide a border is when its edge is so much further out; as it would be typed. */
export function widthWhenMoved(picture: Picture, design: QuiltDesign, border: number, by: Point): string {
  const side = rightSide(picture, border)
  const { width, height } = side === undefined ? { width: 0, height: 0 } : boxOf(picture, side)
  return widthTyped(Math.min(width, height) + by.x, design.system)
}
