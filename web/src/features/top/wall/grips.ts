import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { type Border, sideOf, unlikeSide, withSide } from '../edit/borders'
import { borderPartOf, idOfSide, type Side, SIDES } from '../partId'
import { hung, middleOf, type Point } from './geometry'

type Picture = Schemas['TopPictureView']

/** What can be taken hold of at the edge of the top: a plain border by its outer edge, all of it by a corner. */
export interface Grip {
  kind: 'border' | 'corner'
  /** Which border, from 0. */
  border: number
  /** The side whose edge it is. */
  side?: Side
  at: Point
  says: string
}

const MOST_BLOCKS = 100
const CM_PER_INCH = 2.54

/** A grip lies this much of the top's larger side inside its edge, so that all of it can be taken. */
const INSIDE = 1 / 70
const insideOf = (picture: Picture) => Math.max(picture.width, picture.height) * INSIDE

const boxOf = (picture: Picture, part: number) => picture.shapes[picture.figures[picture.parts[part]!.figure]!.shape]!

/** Which way each side's outer edge lies. */
const OUT: Record<Side, Point> = {
  UPPER: { x: 0, y: -1 },
  RIGHT: { x: 1, y: 0 },
  LOWER: { x: 0, y: 1 },
  LEFT: { x: -1, y: 0 },
}
/** The right side's edge stands for all that are like each other; where it is not, the next that is. */
const FIRST: readonly Side[] = ['RIGHT', 'LOWER', 'LEFT', 'UPPER']

/** The side whose edge is taken hold of: the chosen one if it is unlike the others, or else one for all that are alike. */
function sideToTake(border: Border, chosen: Side | undefined): Side | undefined {
  const own = chosen && unlikeSide(border, chosen)
  const side = own ? chosen : FIRST.find((each) => !unlikeSide(border, each))
  return side && sideOf(border, side).kind === 'PLAIN' && border.kind !== 'SPACER' ? side : undefined
}

function partOfSide(picture: Picture, border: number, side: Side): number | undefined {
  const id = idOfSide(border, side)
  const at = picture.parts.findIndex((part) => part.id === id)
  return at < 0 ? undefined : at
}

/** The grips there are: the corner, and the edge of the border that is chosen, or else of the outermost. */
export function gripsOf(picture: Picture, design: QuiltDesign, chosen: string | undefined): Grip[] {
  const inside = insideOf(picture)
  const corner: Grip = {
    kind: 'corner',
    border: -1,
    at: { x: picture.width - inside, y: picture.height - inside },
    says: 'Drag for more or fewer rows and columns',
  }
  const ofChosen = borderPartOf(chosen ?? '')
  const border = ofChosen?.border ?? design.borders.length - 1
  const made = design.borders[border]
  const side = made && sideToTake(made, ofChosen?.side)
  const part = side && partOfSide(picture, border, side)
  if (!side || part === undefined) return [corner]
  const { width, height } = boxOf(picture, part)
  const { transform } = picture.parts[part]!
  const ends = [hung(transform, { x: 0, y: 0 }), hung(transform, { x: width, y: height })]
  const middle = middleOf(picture, part)
  const out = OUT[side]
  const edge = (axis: 'x' | 'y') =>
    out[axis] === 0
      ? middle[axis]
      : Math[out[axis] > 0 ? 'max' : 'min'](...ends.map((end) => end[axis])) - out[axis] * inside
  const whose = unlikeSide(made, side)
    ? `border ${border + 1} ${SIDES.find((each) => each.side === side)!.name}`
    : `border ${border + 1}`
  return [
    corner,
    { kind: 'border', border, side, at: { x: edge('x'), y: edge('y') }, says: `Drag for the width of ${whose}` },
  ]
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

/** How wide a side is when its edge is moved by so much; as it would be typed. */
export function widthWhenMoved(picture: Picture, design: QuiltDesign, grip: Grip, by: Point): string {
  const side = grip.side ?? 'RIGHT'
  const part = partOfSide(picture, grip.border, side)
  const wide = part === undefined ? 0 : boxOf(picture, part).height
  return widthTyped(wide + by.x * OUT[side].x + by.y * OUT[side].y, design.system)
}

/** As {@link widthWhenMoved}, by so many inches outwards. */
export function widthGrown(picture: Picture, design: QuiltDesign, grip: Grip, inches: number): string {
  const { x, y } = OUT[grip.side ?? 'RIGHT']
  return widthWhenMoved(picture, design, grip, { x: x * inches, y: y * inches })
}

/** The border, or the one side that is taken hold of, as wide as typed; and how that is said. */
export function widened(design: QuiltDesign, grip: Grip, width: string): { what: string; part: Partial<QuiltDesign> } {
  const own = grip.side && unlikeSide(design.borders[grip.border]!, grip.side)
  const whose = own ? `, ${SIDES.find((each) => each.side === own.side)!.name},` : ''
  const unit = design.system === 'INCH' ? 'in' : 'cm'
  return {
    what: `Border ${grip.border + 1}${whose} ${width} ${unit} wide, finished`,
    part: {
      borders: design.borders.map((border, i) => {
        if (i !== grip.border) return border
        return own ? withSide(border, own.side, { width }) : { ...border, width }
      }),
    },
  }
}
