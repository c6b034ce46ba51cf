import { describe, expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import { exchanged, rowsOf, typedFor } from './colourways'

const cloth = (key: string, name: string, pack = '') => ({ key, name, pack }) as QuiltDesign['cloths'][number]
const CLOTHS = [cloth('a', 'oat'), cloth('b', 'autumn 1', 'autumn'), cloth('c', 'autumn 2', 'autumn')]

describe('colourways', () => {
  const [oat, autumn] = rowsOf(CLOTHS)

  it('have one row for a pack', () => {
    expect(rowsOf(CLOTHS).map((row) => [row.name, row.prints.length])).toEqual([
      ['oat', 1],
      ['autumn', 2],
    ])
  })

  it('exchange a pack as a whole, print for print, and back', () => {
    const kit = exchanged(exchanged([], oat!, 'navy'), autumn!, ' meadow ')
    expect(kit).toEqual([
      { from: 'a', to: 'navy' },
      { from: 'b', to: 'meadow 1' },
      { from: 'c', to: 'meadow 2' },
    ])
    expect(typedFor(kit, oat!)).toBe('navy')
    expect(typedFor(kit, autumn!)).toBe('meadow')
    expect(exchanged(kit, autumn!, '')).toEqual([{ from: 'a', to: 'navy' }])
    expect(typedFor([{ from: 'b', to: 'teal' }], autumn!)).toBe('')
  })
})
