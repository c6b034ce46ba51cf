import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { TwoFingers } from './TwoFingers'
import { blocksWhenMoved, gripsOf, widened, widthGrown, widthTyped, widthWhenMoved } from './grips'

/** Two by two blocks of 6 in with a border of 3 in: 18 in square. */
const picture = {
  width: 18,
  height: 18,
  shapes: [
    { width: 6, height: 6, patches: [], units: [] },
    { width: 18, height: 3, patches: [], units: [] },
  ],
  figures: [{ shape: 0 }, { shape: 1 }],
  parts: [
    ...[0, 1, 2, 3].map((i) => ({
      id: `block-${i >> 1}-${i % 2}`,
      row: i >> 1,
      column: i % 2,
      figure: 0,
      transform: `1 0 0 1 ${3 + 6 * (i % 2)} ${3 + 6 * (i >> 1)}`,
    })),
    { id: 'border-1-1', row: -1, column: -1, figure: 1, transform: '1 0 0 1 0 0' },
    { id: 'border-1-2', row: -1, column: -1, figure: 1, transform: '0 1 -1 0 18 0' },
  ],
} as unknown as Schemas['TopPictureView']
const design = (kind: string, border: string, sides: object[] = []) =>
  ({
    system: 'INCH',
    setting: { kind, across: 2, down: 2 },
    borders: [{ kind: border, units: [], sides }],
  }) as unknown as QuiltDesign
const straight = design('STRAIGHT', 'PLAIN')

describe('Taking hold of the top', () => {
  it('is done at the corner, and at the outer edge of a plain border', () => {
    const grips = gripsOf(picture, straight, undefined)
    expect(grips.map((grip) => grip.kind)).toEqual(['corner', 'border'])
    expect(grips[1]!.at.x).toBeCloseTo(18, 0)
    expect(grips[1]!.at.y).toBe(9)
    expect(gripsOf(picture, design('STRAIGHT', 'PIECED'), undefined).map((grip) => grip.kind)).toEqual(['corner'])
    expect(gripsOf(picture, straight, 'border-1-1')[1]!.border).toBe(0)
  })

  it('adds whole blocks once most of one is gained, and never takes the last', () => {
    expect(blocksWhenMoved(picture, straight, { x: 3.1, y: 2.9 })).toEqual({ across: 3, down: 2 })
    expect(blocksWhenMoved(picture, straight, { x: -40, y: 12 })).toEqual({ across: 1, down: 4 })
    expect(blocksWhenMoved(picture, straight, { x: 9999, y: 0 }).across).toBe(100)
  })

  it('widens a border by quarters of an inch or half centimetres, as they are typed', () => {
    const right = gripsOf(picture, straight, undefined)[1]!
    expect(right.side).toBe('RIGHT')
    expect(widthWhenMoved(picture, straight, right, { x: 0, y: 0 })).toBe('3')
    expect(widthWhenMoved(picture, straight, right, { x: 1.6, y: 5 })).toBe('4 1/2')
    expect(widthWhenMoved(picture, straight, right, { x: -9, y: 0 })).toBe('1/4')
    expect(widthTyped(3, 'CENTIMETRE')).toBe('7.5')
  })
})

describe('A side that is unlike the others', () => {
  const unlike = design('STRAIGHT', 'PLAIN', [{ side: 'UPPER', kind: 'PLAIN', width: '3' }])

  it('has an edge of its own once it is chosen', () => {
    const upper = gripsOf(picture, unlike, 'border-1-1')[1]!
    expect(upper).toMatchObject({ side: 'UPPER', says: 'Drag for the width of border 1 above' })
    expect(upper.at.x).toBe(9)
    expect(upper.at.y).toBeCloseTo(0, 0)
    expect(widthWhenMoved(picture, unlike, upper, { x: 4, y: -2 })).toBe('5')
    expect(widthGrown(picture, unlike, upper, 1)).toBe('4')
    expect(widened(unlike, upper, '5').what).toBe('Border 1, above, 5 in wide, finished')
    expect(widened(unlike, upper, '5').part.borders![0]!.sides).toMatchObject([{ side: 'UPPER', width: '5' }])
    const rest = gripsOf(picture, unlike, 'border-1-2')[1]!
    expect(rest.side).toBe('RIGHT')
    expect(widened(unlike, rest, '4')).toMatchObject({
      what: 'Border 1 4 in wide, finished',
      part: { borders: [{ width: '4', sides: [{ side: 'UPPER', width: '3' }] }] },
    })
  })

  it('is not dragged where it is not there, or made of units', () => {
    const none = design('STRAIGHT', 'PLAIN', [{ side: 'RIGHT', kind: 'NONE' }])
    expect(gripsOf({ ...picture, parts: picture.parts.slice(0, 5) }, none, undefined)).toHaveLength(1)
    const pieced = design('STRAIGHT', 'PLAIN', [{ side: 'UPPER', kind: 'PIECED', units: [{}] }])
    expect(gripsOf(picture, pieced, 'border-1-1')).toHaveLength(1)
    expect(gripsOf(picture, pieced, 'border-1-2')).toHaveLength(2)
  })
})

describe('Two fingers', () => {
  it('turn a quarter once most of it is gone, each quarter once', () => {
    const two = new TwoFingers({ x: 0, y: 0 }, { x: 10, y: 0 })
    const at = (degrees: number) => ({
      x: 10 * Math.cos((degrees * Math.PI) / 180),
      y: 10 * Math.sin((degrees * Math.PI) / 180),
    })
    const turns = [20, 50, 80, 100, 140, 170, 190, 230].map((degrees) => two.turn({ x: 0, y: 0 }, at(degrees)))
    expect(turns).toEqual([undefined, 1, undefined, undefined, 1, undefined, undefined, 1])
    expect(new TwoFingers({ x: 0, y: 0 }, { x: 10, y: 0 }).turn({ x: 0, y: 0 }, at(-60))).toBe(-1)
  })

  it('zoom by how much further apart they are', () => {
    expect(new TwoFingers({ x: 0, y: 0 }, { x: 10, y: 0 }).zoom({ x: 0, y: 0 }, { x: 0, y: 25 })).toBe(2.5)
  })
})
