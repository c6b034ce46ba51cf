import { describe, expect, it } from 'vitest'
import { underWhatTheyMake } from './groups'
import type { Batch } from './queries'

const batch = (makes: string, kind: Batch['kind'], run: string, needed: number, patches = 1) =>
  ({ key: `${run} ${needed}`, kind, run, needed, line: { makes }, unit: { patches: Array(patches).fill('') } }) as Batch

describe('batches at the machine', () => {
  it('stand under what they make, halves uncounted, the same work together', () => {
    const groups = underWhatTheyMake([
      batch('hourglass', 'HALVES', 'halves', 37),
      batch('hourglass', 'HALVES', 'halves', 36),
      batch('hourglass', 'UNITS', 'crossed', 74),
      batch('the top', 'ROWS', 'rows', 6, 0),
      batch('the top', 'BORDER', 'rows', 4, 0),
    ])
    expect(groups.map((each) => [each.makes, each.needed, each.runs.map((run) => run.length)])).toEqual([
      ['hourglass', 74, [2, 1]],
      ['the top', 10, [1, 1]],
    ])
  })
})
