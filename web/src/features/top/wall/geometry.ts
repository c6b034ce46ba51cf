import type { Schemas } from '@/api/client'

type Picture = Schemas['TopPictureView']

/** What the picture calls a patch that only stands in for something missing. */
const BLANK = -2

/** A point of the top, in inches from its upper left corner. */
export interface Point {
  x: number
  y: number
}

/** How a part hangs: `x' = a·x + c·y + e`, `y' = b·x + d·y + f`, as the picture says it. */
type Matrix = readonly [number, number, number, number, number, number]

const matrixOf = (transform: string) => transform.split(' ').map(Number) as unknown as Matrix

export function hung(transform: string, { x, y }: Point): Point {
  const [a, b, c, d, e, f] = matrixOf(transform)
  return { x: a * x + c * y + e, y: b * x + d * y + f }
}

/** Where a point of the top lies in a part as it is drawn. */
export function takenDown(transform: string, point: Point): Point {
  const [a, b, c, d, e, f] = matrixOf(transform)
  const [x, y] = [point.x - e, point.y - f]
  const area = a * d - b * c
  return { x: (d * x - c * y) / area, y: (a * y - b * x) / area }
}

/** Whether a patch, whose corners go round one way, holds a point. */
export function contains(patch: string, point: Point): boolean {
  const corners = patch.split(' ').map((corner) => corner.split(',').map(Number) as [number, number])
  return corners.every(([x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % corners.length]!
    const [thirdX, thirdY] = corners[(i + 2) % corners.length]!
    const side = (nextX - x) * (point.y - y) - (nextY - y) * (point.x - x)
    return side * ((nextX - x) * (thirdY - y) - (nextY - y) * (thirdX - x)) >= 0
  })
}

const shapeOf = (picture: Picture, figure: number) => picture.shapes[picture.figures[figure]!.shape]!

/** Which patch of a part lies at a point of the top; none where it is blank. */
export function patchAt(picture: Picture, partId: string, point: Point): number | undefined {
  const part = picture.parts.find((each) => each.id === partId)
  if (!part) return undefined
  const local = takenDown(part.transform, point)
  const found = shapeOf(picture, part.figure).patches.findIndex((patch) => contains(patch, local))
  return found < 0 ? undefined : found
}

/** The middle of a part, where it hangs. */
export function middleOf(picture: Picture, index: number): Point {
  const part = picture.parts[index]!
  const { width, height } = shapeOf(picture, part.figure)
  return hung(part.transform, { x: width / 2, y: height / 2 })
}

/** A step aside counts so much more than one ahead. */
const ASIDE = 2.5
const NEARLY = 0.01

/** The nearest part in a direction: what lies straight ahead counts before what lies aside. */
export function neighbour(picture: Picture, index: number, [dx, dy]: readonly [number, number]): string | undefined {
  const here = middleOf(picture, index)
  let best: { id: string; far: number } | undefined
  picture.parts.forEach((part, i) => {
    const there = middleOf(picture, i)
    const ahead = (there.x - here.x) * dx + (there.y - here.y) * dy
    const aside = Math.abs((there.x - here.x) * dy) + Math.abs((there.y - here.y) * dx)
    const far = ahead + ASIDE * aside
    const before = i !== index && ahead > NEARLY && aside <= ahead * (1 + NEARLY) + NEARLY
    if (before && (!best || far < best.far)) best = { id: part.id, far }
  })
  return best?.id
}

/** What is seen of the wall: its middle, as a share of the width and height, kept so that no edge comes loose. */
export function kept(point: Point, scale: number): Point {
  const room = 0.5 - 0.5 / scale
  const within = (value: number) => Math.min(0.5 + room, Math.max(0.5 - room, value))
  return { x: within(point.x), y: within(point.y) }
}

/** The middle after a change of scale that leaves one point where it is seen. */
export function zoomed(middle: Point, around: Point, from: number, to: number): Point {
  const keep = from / to
  return kept({ x: around.x + (middle.x - around.x) * keep, y: around.y + (middle.y - around.y) * keep }, to)
}

/** Which way an arrow key goes. */
export const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

type Part = Picture['parts'][number]

/** Which unit along a strip a patch belongs to, from 0; 0 in everything that is no strip of units. */
export function unitOf(picture: Picture, part: Part, patch: number): number {
  return shapeOf(picture, part.figure).units[patch] ?? 0
}

/** How many units a part has one after the other. */
export function unitsAlong(picture: Picture, part: Part): number {
  return 1 + Math.max(0, ...shapeOf(picture, part.figure).units)
}

/** The place of a patch's cloth among the quilt's; -1 where it is not dressed, nothing where it is blank. */
export function clothOf(picture: Picture, part: Part, patch: number): number | undefined {
  const cloth = picture.figures[part.figure]!.cloths[patch]
  return cloth === BLANK ? undefined : cloth
}

/** The cloth of one unit along a part. */
export function clothOfUnit(picture: Picture, part: Part, unit: number): number | undefined {
  const patch = shapeOf(picture, part.figure).units.indexOf(unit)
  return patch < 0 ? undefined : clothOf(picture, part, patch)
}
