import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { found, hue, isOfSort, lotsOf, lying, ordered, summary } from './shelfDrawing'

const cloth = (name: string, colour: string, judged: number, pack = '') =>
  ({
    id: name,
    name,
    colour,
    judged,
    pack,
    lines: [{ understood: `2 squares, 5 in – ${name}` }],
  }) as unknown as Schemas['ShelfClothView']
const cloths = [
  cloth('white', '#ffffff', 100),
  cloth('rust', '#a04020', 40, 'autumn'),
  cloth('moss', '#406020', 38, 'autumn'),
  cloth('navy', '#101040', 12),
]

describe('The shelf as one sees it', () => {
  it('has the newest first, and packs folded to one with their prints in order', () => {
    const lots = lotsOf(cloths)
    expect(lots.map((lot) => lot.name)).toEqual(['navy', 'autumn', 'white'])
    expect(lots[1]!.cloths.map((each) => each.name)).toEqual(['rust', 'moss'])
    expect(lots.map(summary)).toEqual(['2 squares, 5 in', '2 prints', '2 squares, 5 in'])
  })

  it('is ordered by value, colour or name', () => {
    const lots = lotsOf(cloths)
    expect(ordered(lots, 'value').map((lot) => lot.name)).toEqual(['white', 'autumn', 'navy'])
    expect(ordered(lots, 'colour').map((lot) => lot.name)).toEqual(['autumn', 'navy', 'white'])
    expect(ordered(lots, 'name').map((lot) => lot.name)).toEqual(['autumn', 'navy', 'white'])
    expect([hue('#ff0000'), hue('#00ff00'), hue('#0000ff'), hue('#777777')]).toEqual([0, 2, 4, 7])
  })

  it('folds lengths, fat quarters and strips, and leaves squares as they are', () => {
    expect(lying({ form: 'SQUARE', width: 10, length: 10 }, 42)).toEqual({ width: 10, height: 10, layers: 6 })
    expect(lying({ form: 'FAT_QUARTER', width: 22, length: 18 }, 1)).toEqual({ width: 11, height: 9, layers: 1 })
    expect(lying({ form: 'STRIP', width: 42, length: 2.5 }, 2)).toEqual({ width: 10.5, height: 2.5, layers: 2 })
    const yards = [18, 36].map((length) => lying({ form: 'YARDAGE', width: 42, length }, 1).height)
    expect(yards[1]).toBeCloseTo(2 * yards[0]!)
  })

  it('is searched by words in any order, of a pack or of its prints', () => {
    const lots = lotsOf(cloths)
    expect(found(lots, 'MOSS aut').map((lot) => lot.name)).toEqual(['autumn'])
    expect(found(lots, 'moss white')).toEqual([])
    expect(found(lots, ' ')).toHaveLength(3)
  })

  it('does not count what is cut for a quilt as fabric to be had', () => {
    const line = (understood: string, form: string) => ({ understood, piece: { form } })
    const of = (...lines: unknown[]) => lotsOf([{ ...cloth('teal', '#fff', 1), lines } as never])[0]!
    const cut = line('8 cut pieces, 5 in – teal', 'CUT')
    expect(summary(of(line('1 length, 9 in – teal', 'YARDAGE'), cut))).toBe('1 length, 9 in, more is cut')
    expect(summary(of(cut))).toBe('all is cut')
    expect(isOfSort(of(cut), 'lengths')).toBe(false)
  })

  it('knows lengths, precuts and scraps apart', () => {
    const of = (form: string) =>
      lotsOf([{ ...cloth('a', '#fff', 1), lines: [{ understood: '', piece: { form } }] } as never])[0]!
    expect([
      isOfSort(of('YARDAGE'), 'lengths'),
      isOfSort(of('STRIP'), 'precuts'),
      isOfSort(of('SCRAP'), 'scraps'),
    ]).toEqual([true, true, true])
    expect([
      isOfSort(of('YARDAGE'), 'precuts'),
      isOfSort(of('STRIP'), 'lengths'),
      isOfSort(of('FAT_QUARTER'), 'scraps'),
    ]).toEqual([false, false, false])
  })
})
