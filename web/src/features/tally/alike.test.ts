import { describe, expect, it } from 'vitest'
import { alike, waysInWords } from './alike'
import type { Group } from './queries'

const group = (name: string, needed: number) =>
  ({ key: `${name} ${needed}`, allKey: name, name, finished: '3', needed }) as Group

describe('groups of the same unit', () => {
  it('are one row with all their units', () => {
    const many = Array.from({ length: 9 }, (_, i) => group('hourglass', i + 1))
    const runs = alike([many[0]!, group('plain', 4), ...many.slice(1)])
    expect(runs.map((run) => [run.key, run.needed])).toEqual([
      ['hourglass 3', 45],
      ['plain 3', 4],
    ])
    expect(runs[0]!.groups).toHaveLength(9)
  })

  it('say each way once', () => {
    const way = (key: string, cutSizes: string, chosen: boolean) => ({ key, name: key, cutSizes, chosen })
    const made = (cut: string, chosen: string) => ({
      ...group('half', 2),
      ways: [way('two', cut, chosen === 'two'), way('eight', cut, chosen === 'eight')],
    })
    const plain = { ...group('plain', 3), ways: [way('cut as is', '3 1/2', true)] }
    const [halves, squares] = alike([made('4', 'two'), made('8', 'eight'), made('4', 'two'), plain] as Group[])
    expect(waysInWords(halves!, 'in')).toBe('two, cut 4 in; eight, cut 8 in')
    expect(waysInWords(squares!, 'in')).toBe('cut 3 1/2 in')
  })
})
