import { expect, it } from 'vitest'
import { counted, sharedOut } from './counted'

const PAIRS = [
  { key: 'oat', setsLeft: 4, perSet: 8 },
  { key: 'ink', setsLeft: 0, perSet: 8 },
  { key: 'plum', setsLeft: 6, perSet: 8 },
]

it('gives each fabric of a group what it still wants, in order', () => {
  expect(sharedOut(PAIRS, 7, 0)).toEqual([
    { batch: 'oat', made: 4, spoiled: 0 },
    { batch: 'plum', made: 3, spoiled: 0 },
  ])
})

it('counts every set and every spoiled unit once, also beyond the plan', () => {
  for (const [made, spoiled] of [
    [14, 2],
    [3, 24],
    [10, 0],
    [0, 3],
    [25, 150],
  ] as const) {
    const parts = sharedOut(PAIRS, made, spoiled)
    const sum = (of: 'made' | 'spoiled') => parts.reduce((all, part) => all + part[of], 0)
    expect([sum('made'), sum('spoiled')]).toEqual([made, spoiled])
    expect(parts.every((part) => !part.made || part.spoiled <= part.made * 8)).toBe(true)
  }
})

it('writes a count as one entry', () => {
  expect(counted('oat', 4, 1)).toMatchObject({ kind: 'SET_MADE', times: 4, spoiled: 1 })
  expect(counted('oat', 0, 3)).toMatchObject({ kind: 'UNIT_SPOILED', times: 3 })
})
