import { describe, expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import { clothsFound } from './finding'

describe('a fabric that is sought', () => {
  const cloths = ['oat', 'red 2', 'Plum', 'navy'].map((name) => ({ key: name, name })) as QuiltDesign['cloths']
  const found = (words: string) => clothsFound(cloths, words).map(({ cloth, number }) => `${number} ${cloth.name}`)

  it('is found by its number first, then by part of its name', () => {
    expect(found('')).toHaveLength(4)
    expect(found('2')).toEqual(['2 red 2'])
    expect(found(' plU')).toEqual(['3 Plum'])
    expect(found('A')).toEqual(['1 oat', '4 navy'])
    expect(clothsFound([...cloths, cloths[0]!], '5').map(({ number }) => number)).toEqual([5])
    expect(found('teal')).toEqual([])
  })
})
