import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { withBlock } from './blocks'
import { borderPartOf } from '../partId'
import { unlikeSide, withSide } from './borders'
import { exchangedInBlock, exchangedInBorder } from './cloths'
import { edgeAt, exchangedAtEdge, isEdge, withEdges } from './edges'
import { blockAt, exchangedAt, placeAt, withPlaces } from './places'

/**
 * One cloth for another in what stands at a part of the top: at one place of a block, in all of a border or the sashing, or of a
 * side of a border that is unlike the others;
 * but in one unit of these where it has cloths of its own.
 */
export function dressPart(
  design: QuiltDesign,
  part: Schemas['TopPartView'],
  from: string,
  to: string,
  unit?: number,
): Partial<QuiltDesign> {
  const ofUnit = isEdge(part) && unit !== undefined ? edgeAt(design, { part: part.id, unit }) : undefined
  if (ofUnit?.exchanges.some((each) => each.to === from)) return withEdges(design, [exchangedAtEdge(ofUnit, from, to)])
  const swap = (cloth: string) => (cloth === from ? to : cloth)
  const dressed = <U extends { cloths: string[] }>(unit: U): U => ({
    ...unit,
    cloths: unit.cloths.length ? unit.cloths.map(swap) : [to],
  })
  const inCloth = <B extends { kind: string; cloth: string; units: { cloths: string[] }[] }>(made: B): B =>
    made.kind === 'PIECED' ? { ...made, units: made.units.map(dressed) } : { ...made, cloth: to }
  switch (part.kind) {
    case 'BLOCK':
    case 'HALF_BLOCK': {
      const place = placeAt(design, { row: part.row, column: part.column })
      const own = place.exchanges.find((each) => each.to === from)?.from ?? from
      return withPlaces(design, [exchangedAt(place, own, to)])
    }
    case 'SETTING_TRIANGLE':
      return { setting: { ...design.setting, cloth: to } }
    case 'SASHING':
      return { sashing: { ...design.sashing, units: design.sashing.units.map(dressed) } }
    case 'CORNERSTONE':
      return { sashing: { ...design.sashing, cornerstones: to } }
    default: {
      const ofBorder = borderPartOf(part.id)
      const borders = design.borders.map((border, i) => {
        if (i !== ofBorder?.border) return border
        if (part.kind === 'BORDER_CORNER' && border.corner.length)
          return { ...border, corner: border.corner.map(dressed) }
        const unlike = ofBorder.side && unlikeSide(border, ofBorder.side)
        if (unlike) return withSide(border, unlike.side, inCloth(unlike))
        return inCloth(border)
      })
      return { borders }
    }
  }
}

/** One of a block's own cloths for another wherever it stands, whatever single places showed instead. */
export function dressBlock(design: QuiltDesign, key: string, from: string, to: string): Partial<QuiltDesign> {
  const block = design.blocks.find((each) => each.key === key)
  if (!block) return {}
  const places = design.places
    .filter((place) => blockAt(design, place) === key)
    .map((place) => ({ ...place, exchanges: place.exchanges.filter((each) => each.from !== from) }))
  return { ...withBlock(design, exchangedInBlock(block, from, to)), ...withPlaces(design, places) }
}

/** One cloth for another in all of it: wherever this block stands, or in all sides and corners of a border. */
export function dressWhole(
  design: QuiltDesign,
  part: Schemas['TopPartView'],
  from: string,
  to: string,
): Partial<QuiltDesign> {
  if (part.row >= 0) {
    const place = placeAt(design, { row: part.row, column: part.column })
    const own = place.exchanges.find((each) => each.to === from)?.from ?? from
    return dressBlock(design, part.blockKey, own, to)
  }
  const of = borderPartOf(part.id)
  if (!of) return dressPart(design, part, from, to)
  return {
    borders: design.borders.map((border, i) => (i === of.border ? exchangedInBorder(border, from, to) : border)),
  }
}
