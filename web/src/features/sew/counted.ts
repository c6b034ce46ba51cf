import type { Entry } from '@/features/bench'

/** The entry of a typed count: sets made with what of them is no good, or units spoiled alone. */
export function counted(batch: string, made: number, spoiled: number): Omit<Entry, 'id'> {
  return made > 0
    ? { kind: 'SET_MADE', batch, hand: '', text: '', times: made, spoiled }
    : { kind: 'UNIT_SPOILED', batch, hand: '', text: '', times: spoiled, spoiled: 0 }
}

/** What of a typed count falls to one of several batches of the same work. */
export interface Part {
  batch: string
  made: number
  spoiled: number
}

type Open = { key: string; setsLeft: number; perSet: number }

/**
 * A count of a group of fabrics as one: each batch gets what it still wants, in order, and the last what is beyond the plan;
 * what is spoiled is taken from the sets that were counted last.
 */
export function sharedOut(batches: readonly Open[], made: number, spoiled: number): Part[] {
  const parts: Part[] = []
  let open = made
  batches.forEach((each, i) => {
    const here = i === batches.length - 1 ? open : Math.min(open, each.setsLeft)
    if (here > 0) parts.push({ batch: each.key, made: here, spoiled: 0 })
    open -= here
  })
  if (!made) parts.push({ batch: batches.at(-1)!.key, made: 0, spoiled: 0 })
  let bad = spoiled
  for (const part of parts.toReversed()) {
    const units = part.made * (batches.find((each) => each.key === part.batch)?.perSet ?? 1)
    const here = made ? Math.min(bad, units) : bad
    part.spoiled = here
    bad -= here
  }
  return parts.filter((part) => part.made > 0 || part.spoiled > 0)
}
