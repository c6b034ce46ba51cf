import type { Schemas } from '@/api/client'

type Glance = Pick<
  Schemas['GlanceView'],
  'buys' | 'buysOfNoCloth' | 'notCounted' | 'cut' | 'cutSteps' | 'sewn' | 'sets' | 'next'
>

export interface QuiltState {
  says: string
  look: 'short' | 'ready' | 'quiet'
}

const MOST_LENGTHS = 2

/** How far a quilt is, in one line; nothing is called enough or ready while something is wrong or still to choose. */
export function quiltState({ buys, buysOfNoCloth, notCounted, cut, cutSteps, sewn, sets, next }: Glance): QuiltState {
  const others = buys.length - MOST_LENGTHS
  const needs = buys.slice(0, MOST_LENGTHS).join(', ') + (others > 0 ? ` and ${others} more` : '')
  if (cut + sewn > 0) {
    if (sewn >= sets) return { says: 'Everything is sewn', look: 'quiet' }
    const done = `Cut ${cut} of ${cutSteps} · sewn ${sewn} of ${sets}`
    return { says: needs ? `${done} · needs ${needs}` : done, look: 'quiet' }
  }
  if (needs) return { says: `Needs ${needs}`, look: 'short' }
  if (next.station === 'top') return { says: next.says, look: 'quiet' }
  if (notCounted.length) return { says: 'Some fabric is still to choose', look: 'quiet' }
  return buysOfNoCloth.length
    ? { says: `Enough fabric, but for ${buysOfNoCloth.join(' and ')}`, look: 'ready' }
    : { says: 'Enough fabric, ready to cut', look: 'ready' }
}
