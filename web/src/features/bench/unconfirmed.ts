import type { Schemas } from '@/api/client'
import type { Entry, Tap } from './Taps'

type Batch = Schemas['BatchView']

/** What a batch counts with the taps that wait, and how many these are. */
export interface WithTaps {
  good: number
  setsMade: number
  setsSpoiled: number
  spoiled: number
  unconfirmed: number
}

/**
 * The server's counts of a batch and the taps that are not in them; `known` are those that are. A tap that takes back takes the last tally
 * that waits; with none waiting it takes one that the server knows, whose size only the server can tell.
 */
export function withTaps(batch: Batch, taps: readonly Tap[], known: readonly string[] = []): WithTaps {
  const standing: Entry[] = []
  let unconfirmed = 0
  for (const tap of taps) {
    if (tap.kind !== 'log' || tap.entry.batch !== batch.key || known.includes(tap.id)) continue
    unconfirmed++
    if (tap.entry.kind === 'TAKE_BACK') standing.pop()
    else if (tap.entry.kind !== 'NOTE' && tap.entry.kind !== 'MEASURE') standing.push(tap.entry)
  }
  const sum = (kind: string, of: (entry: Entry) => number) =>
    standing.filter((each) => each.kind === kind).reduce((all, each) => all + of(each), 0)
  const count = (kind: string) => sum(kind, (each) => each.times ?? 1)
  const spoiled = count('UNIT_SPOILED') + sum('SET_MADE', (each) => each.spoiled ?? 0)
  return {
    good: batch.good + count('SET_MADE') * batch.perSet - spoiled,
    setsMade: batch.setsMade + count('SET_MADE'),
    setsSpoiled: batch.setsSpoiled + count('SET_SPOILED'),
    spoiled: batch.spoiled + spoiled,
    unconfirmed,
  }
}

/** Whether a cutting step is ticked, by the newest tap on it that waits, else as the server has it. */
export function tickedWithTaps(step: string, done: boolean, taps: readonly Tap[]): boolean {
  const last = taps.findLast((tap) => tap.kind === 'tick' && tap.step === step)
  return last?.kind === 'tick' ? last.done : done
}
