import type { QuiltDesign } from '@/features/quilts'
import { type Side, SIDES } from '../partId'

export type Border = QuiltDesign['borders'][number]
export type BorderSide = Border['sides'][number]

export const PLAIN_BORDER: Border = {
  kind: 'PLAIN',
  width: '',
  cloth: '',
  units: [],
  unitLength: '',
  mirrorAtMiddle: false,
  corners: 'BUTTED',
  corner: [],
  join: 'STRAIGHT',
  sides: [],
  sideJoins: [],
  middle: [],
}

export function unlikeSide(border: Border, side: Side): BorderSide | undefined {
  return border.kind === 'SPACER' ? undefined : border.sides.find((each) => each.side === side)
}

/** Every side as it is made, whether like the others or not. */
export function sideOf(border: Border, side: Side): BorderSide {
  const { width, cloth, units, unitLength, mirrorAtMiddle, middle } = border
  const kind = border.kind === 'PIECED' ? 'PIECED' : 'PLAIN'
  return unlikeSide(border, side) ?? { side, kind, width, cloth, units, unitLength, mirrorAtMiddle, middle }
}

/** The border with one side otherwise; a side that is to be like the rest is no longer said. */
export function withSide(border: Border, side: Side, part: Partial<BorderSide> | undefined): Border {
  const others = border.sides.filter((each) => each.side !== side)
  if (!part) return { ...border, sides: others }
  const changed = { ...sideOf(border, side), ...part }
  const order = SIDES.map((each) => each.side)
  return { ...border, sides: [...others, changed].sort((a, b) => order.indexOf(a.side) - order.indexOf(b.side)) }
}

/** The border with the strip of one side cut in a way of its own; nothing is as the rest of the border. */
export function withSideJoin(border: Border, side: Side, join: Border['join'] | undefined): Border {
  const others = border.sideJoins.filter((each) => each.side !== side)
  return { ...border, sideJoins: join ? [...others, { side, join }] : others }
}

type Dressed = { kind: BorderSide['kind'] | Border['kind']; cloth: string; units: Border['units'] }

/** A border and its unlike sides, in other cloths. */
export function dressedBorder(border: Border, dressed: <D extends Dressed>(part: D) => D): Border {
  const withMiddle = <D extends Dressed & { middle: Border['units'] }>(part: D): D => ({
    ...dressed(part),
    middle: dressed({ ...part, units: part.middle }).units,
  })
  return { ...withMiddle(border), sides: border.sides.map(withMiddle) }
}

/** All cloths of a border that are not in its corners. */
export function clothsOfBorder(border: Border): string[] {
  return [border, ...border.sides].flatMap((each) => [
    each.cloth,
    ...[...each.units, ...each.middle].flatMap((unit) => unit.cloths),
  ])
}

export type BorderUnit = Border['units'][number]

/** Units that borders are made of, with the names of their patches, the outside up. */
export const BORDER_UNITS: readonly { kind: BorderUnit['kind']; name: string; patches: string[]; turns: number }[] = [
  { kind: 'HALF_SQUARE', name: 'half-squares (sawtooth)', patches: ['first half', 'second half'], turns: 2 },
  { kind: 'HOURGLASS', name: 'hourglasses', patches: ['outer', 'right', 'inner', 'left'], turns: 0 },
  { kind: 'FLYING_GOOSE', name: 'geese pointing out', patches: ['goose', 'left wing', 'right wing'], turns: 0 },
  { kind: 'PLAIN', name: 'plain pieces', patches: ['piece'], turns: 0 },
  { kind: 'STRIP_SET_SEGMENT', name: 'strip-set segments', patches: ['outer strip', 'inner strip'], turns: 0 },
  { kind: 'CORNER_FLIP', name: 'corner flips', patches: ['base', 'corner', 'second corner'], turns: 0 },
]

export const patchesOf = (kind: BorderUnit['kind']) => BORDER_UNITS.find((each) => each.kind === kind)?.patches ?? []

export const unitOf = (kind: BorderUnit['kind'], cloths: string[]): BorderUnit => ({
  kind,
  count: 2,
  corner: '1/2',
  block: '',
  quarterTurns: BORDER_UNITS.find((each) => each.kind === kind)!.turns,
  mirrored: false,
  cloths,
})

/** A unit with one patch in another cloth. */
export function withPatch(unit: BorderUnit, patch: number, cloth: string): BorderUnit {
  const cloths = [...unit.cloths]
  while (cloths.length <= patch) cloths.push('')
  cloths[patch] = cloth
  return { ...unit, cloths }
}

/** Units for what was plain so far: half-squares in its cloth. */
export const unitsFor = (made: { units: BorderUnit[]; cloth: string }): BorderUnit[] =>
  made.units.length ? made.units : [unitOf('HALF_SQUARE', [made.cloth, ''])]
