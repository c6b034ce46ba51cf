import { describe, expect, it } from 'vitest'
import { alike } from './alike'
import type { Group } from './queries'

const group = (name: string, needed: number) => ({ key: `${name} ${needed}`, name, finished: '3', needed }) as Group

describe('groups of the same unit', () => {
  it('are one row where they are many, with all their units', () => {
    const many = Array.from({ length: 9 }, (_, i) => group('hourglass', i + 1))
    const runs = alike([many[0]!, group('plain', 4), ...many.slice(1)])
    expect(runs.map((run) => [run.key, run.many, run.needed])).toEqual([
      ['hourglass, 3', true, 45],
      ['plain, 3', false, 4],
    ])
    expect(runs[0]!.groups).toHaveLength(9)
  })
})
