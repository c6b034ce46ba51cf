import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { placeAt } from './places'

type Parts = readonly Schemas['TopPartView'][]

/** Parts, by their number, that stay as they are when free places are laid out anew. */
export function lockedParts(design: QuiltDesign, parts: Parts): number[] {
  return parts.flatMap((part, i) => {
    const here =
      (part.kind === 'BLOCK' && placeAt(design, part).locked) ||
      design.edgePlaces.some((place) => place.locked && place.part === part.id)
    return here ? [i] : []
  })
}

/** Parts, by their number, at which something is wrong. */
export function wrongParts(parts: Parts, problems: readonly { partId: string }[]): number[] {
  const ids = new Set(problems.map((problem) => problem.partId))
  return parts.flatMap((part, i) => (ids.has(part.id) ? [i] : []))
}
