import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { edgeAt, exchangedAtEdge, isEdge, withEdges } from './edges'
import { exchangedAt, placeAt, withPlaces } from './places'

/**
 * One cloth for another in what stands at a part of the top: at one place of a block, in all of a border or the sashing;
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
      const number = Number(part.id.split('-')[1])
      const borders = design.borders.map((border, i) => {
        if (i !== number - 1) return border
        if (part.kind === 'BORDER_CORNER' && border.corner.length)
          return { ...border, corner: border.corner.map(dressed) }
        return border.kind === 'PIECED' ? { ...border, units: border.units.map(dressed) } : { ...border, cloth: to }
      })
      return { borders }
    }
  }
}
