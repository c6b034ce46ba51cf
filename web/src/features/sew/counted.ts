import type { Entry } from '@/features/bench'

/** The entry of a typed count: sets made with what of them is no good, or units spoiled alone. */
export function counted(batch: string, made: number, spoiled: number): Omit<Entry, 'id'> {
  return made > 0
    ? { kind: 'SET_MADE', batch, hand: '', text: '', times: made, spoiled }
    : { kind: 'UNIT_SPOILED', batch, hand: '', text: '', times: spoiled, spoiled: 0 }
}
