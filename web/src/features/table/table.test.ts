import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { cutCards, firstOpen } from './cutting'
import { toldByKey, toldByVoice } from './hands'

const step = (key: string) => ({ key, text: `cut ${key}`, running: '', done: false, where: [] })
const piece = (...keys: string[]) =>
  ({ title: 'a length', count: 2, steps: keys.map(step) }) as unknown as Schemas['PieceSheet']
const sheets = {
  cloths: [
    { key: 'w', name: 'white', colour: '#ffffff', pieces: [piece('a', 'b'), piece('c')] },
    { key: 't', name: 'teal', colour: '#008080', pieces: [piece('d')] },
    { key: 'u', name: 'rust', colour: '#b04020', pieces: [piece('e')] },
  ],
  shared: [
    { cloths: ['w'], stacks: [{ cloths: ['w'], label: 'white' }] },
    { cloths: ['t', 'u'], stacks: [{ cloths: ['t', 'u'], label: 'teal, rust' }] },
  ],
} as Schemas['CutView']

describe('Cards of cutting', () => {
  it('come in the order in which is cut, each with its place in its piece', () => {
    expect(cutCards(sheets).map((card) => `${card.cloth} ${card.keys.join('+')} ${card.number}/${card.of}`)).toEqual([
      'white a 1/2',
      'white b 2/2',
      'white c 1/1',
      'teal, rust, on one another d+e 1/1',
    ])
  })

  it('begin at the first that is not done, also where later ones are', () => {
    const cards = cutCards(sheets)
    expect(firstOpen(cards, (card) => 'ac'.includes(card.keys[0]!))).toBe(1)
    expect(firstOpen(cards, () => true)).toBe(4)
  })
})

describe('What is told from a distance', () => {
  it('comes by keys, which a pedal sends too', () => {
    expect(['PageDown', ' ', 'PageUp', 'ArrowRight', 'x'].map((key) => toldByKey(key)?.act)).toEqual([
      'done',
      'done',
      'back',
      'next',
      undefined,
    ])
  })

  it('comes by voice, in a few words', () => {
    expect(toldByVoice('Made fourteen, spoiled two.')).toEqual([
      { act: 'made', count: 14 },
      { act: 'spoiled', count: 2 },
    ])
    expect(toldByVoice('one made')).toEqual([{ act: 'made', count: 1 }])
    expect(toldByVoice('made 14')).toEqual([{ act: 'made', count: 14 }])
    expect(toldByVoice('done and back')).toEqual([{ act: 'done' }, { act: 'back' }])
    expect(toldByVoice('what a lovely print')).toEqual([])
  })
})
