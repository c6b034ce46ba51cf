import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { sharedSheets, stepsOf } from './stacks'

const cloth = (key: string) => ({
  key,
  name: key,
  colour: '#fff',
  pieces: [{ steps: [{ key: `${key}1` }, { key: `${key}2` }] }],
})
const cut = {
  cloths: ['red', 'oat', 'teal'].map(cloth),
  shared: [
    {
      cloths: ['red', 'teal'],
      stacks: [
        { cloths: ['red'], label: 'red' },
        { cloths: ['teal'], label: 'teal' },
      ],
    },
    { cloths: ['oat'], stacks: [{ cloths: ['oat'], label: 'oat' }] },
  ],
} as unknown as Schemas['CutView']

describe('Sheets that fabrics share', () => {
  it('have the first of them for all, and a name by how many they are', () => {
    const sheets = sharedSheets(cut)
    expect(sheets.map((sheet) => [sheet.name, sheet.first.key, sheet.stacks.length])).toEqual([
      ['These 2 fabrics, each', 'red', 2],
      ['oat', 'oat', 1],
    ])
  })

  it('know the steps that one cut through a stack does', () => {
    const both = { label: '', cloths: sharedSheets(cut)[0]!.cloths }
    expect(stepsOf(both, 0, 1).map((step) => step.key)).toEqual(['red2', 'teal2'])
  })
})
