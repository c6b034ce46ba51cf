import type { Batch } from './queries'

/** So many batches of the same work are one line, with a list to tick off. */
export const MANY = 3

export interface BatchGroup {
  makes: string
  /** How many of it the top needs; halves on the way to it are not counted. */
  needed: number
  runs: Batch[][]
}

/** Batches under what they make, as they come; of each, the same work in other fabrics together. */
export function underWhatTheyMake(batches: readonly Batch[]): BatchGroup[] {
  const groups: BatchGroup[] = []
  for (const batch of batches) {
    let group = groups.at(-1)
    if (group?.makes !== batch.line.makes) {
      group = { makes: batch.line.makes, needed: 0, runs: [] }
      groups.push(group)
    }
    if (batch.kind !== 'HALVES') group.needed += batch.needed
    const run = group.runs.at(-1)
    if (run && batch.unit.patches.length && run[0]!.run === batch.run) run.push(batch)
    else group.runs.push([batch])
  }
  return groups
}
