import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { borderPartOf, idInBorder } from '../partId'

export type EdgePlace = QuiltDesign['edgePlaces'][number]

/** One unit along a part that is no block: a strip, a side of a border, a triangle of the setting. */
export interface AtEdge {
  part: string
  unit: number
}

const same = (a: AtEdge, b: AtEdge) => a.part === b.part && a.unit === b.unit

/** Whether a part is sashing, border or setting, and not what stands in a row of blocks. */
export function isEdge(part: Schemas['TopPartView'] | undefined): boolean {
  return !!part && part.row < 0
}

export function edgeAt(design: QuiltDesign, at: AtEdge): EdgePlace {
  return design.edgePlaces.find((place) => same(place, at)) ?? { ...at, exchanges: [], locked: false }
}

/** The design with these places changed; one that is as the rest of its strip is not kept. */
export function withEdges(design: QuiltDesign, changed: readonly EdgePlace[]): Partial<QuiltDesign> {
  const others = design.edgePlaces.filter((place) => !changed.some((each) => same(each, place)))
  return { edgePlaces: [...others, ...changed.filter((place) => place.exchanges.length || place.locked)] }
}

/** One cloth for another in this one unit; back to its own takes the exchange away. */
export function exchangedAtEdge(place: EdgePlace, shown: string, to: string): EdgePlace {
  const from = place.exchanges.find((each) => each.to === shown)?.from ?? shown
  const others = place.exchanges.filter((each) => each.from !== from)
  return { ...place, exchanges: from === to ? others : [...others, { from, to }] }
}

/** Two units change their cloths. */
export function edgesSwapped(design: QuiltDesign, a: AtEdge, b: AtEdge): Partial<QuiltDesign> {
  const [one, other] = [edgeAt(design, a), edgeAt(design, b)]
  return withEdges(design, [
    { ...one, exchanges: other.exchanges },
    { ...other, exchanges: one.exchanges },
  ])
}

/** What is said of single units follows its border when borders come and go; `now` tells where each is, from 0. */
export function edgesOfBorders(design: QuiltDesign, now: (border: number) => number | undefined): EdgePlace[] {
  return design.edgePlaces.flatMap((place) => {
    const found = borderPartOf(place.part)
    if (!found) return [place]
    const to = now(found.border)
    return to === undefined ? [] : [{ ...place, part: idInBorder(place.part, to) }]
  })
}
