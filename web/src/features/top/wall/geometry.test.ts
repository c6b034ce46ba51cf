import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { contains, hung, kept, middleOf, neighbour, patchAt, takenDown, zoomed } from './geometry'

/** Blocks of two triangles, 4 in wide, 3 across and 2 down; the last one is turned a quarter. */
const picture = {
  width: 12,
  height: 8,
  shapes: [{ width: 4, height: 4, patches: ['0,0 4,0 0,4', '4,0 4,4 0,4'] }],
  figures: [{ shape: 0, cloths: [0, 1] }],
  parts: [0, 1, 2, 3, 4, 5].map((i) => ({
    id: `block-${Math.floor(i / 3)}-${i % 3}`,
    figure: 0,
    transform: i === 5 ? '0 1 -1 0 12 4' : `1 0 0 1 ${(i % 3) * 4} ${Math.floor(i / 3) * 4}`,
  })),
} as unknown as Schemas['TopPictureView']

describe('the wall', () => {
  it('takes a point down to where it lies in the part, the other way round than it is hung', () => {
    for (const transform of ['1 0 0 1 3 4', '0 1 -1 0 12 4', '-0.7071 0.7071 0.7071 0.7071 5 6', '-1 0 0 1 4 0']) {
      for (const point of [
        { x: 0, y: 0 },
        { x: 1.5, y: 2.25 },
      ]) {
        const back = takenDown(transform, hung(transform, point))
        expect(back.x).toBeCloseTo(point.x)
        expect(back.y).toBeCloseTo(point.y)
      }
    }
  })

  it('finds the patch under the pointer, turned blocks as they are turned', () => {
    expect(patchAt(picture, 'block-0-1', { x: 4.5, y: 0.5 })).toBe(0)
    expect(patchAt(picture, 'block-0-1', { x: 7.5, y: 3.5 })).toBe(1)
    expect(patchAt(picture, 'block-1-2', { x: 11.5, y: 4.5 })).toBe(0)
    expect(patchAt(picture, 'block-1-2', { x: 8.5, y: 7.5 })).toBe(1)
    expect(patchAt(picture, 'block-0-0', { x: 9, y: 1 })).toBeUndefined()
    expect(patchAt(picture, 'nothing', { x: 9, y: 1 })).toBeUndefined()
  })

  it('holds points of patches that go round either way', () => {
    expect(contains('0,0 4,0 4,4 0,4', { x: 1, y: 3 })).toBe(true)
    expect(contains('0,4 4,4 4,0 0,0', { x: 1, y: 3 })).toBe(true)
    expect(contains('0,0 4,0 4,4 0,4', { x: 5, y: 3 })).toBe(false)
  })

  it('goes from part to part by the arrows, and stays at the edge', () => {
    expect(middleOf(picture, 5)).toEqual({ x: 10, y: 6 })
    expect(neighbour(picture, 0, [1, 0])).toBe('block-0-1')
    expect(neighbour(picture, 0, [0, 1])).toBe('block-1-0')
    expect(neighbour(picture, 4, [0, -1])).toBe('block-0-1')
    expect(neighbour(picture, 5, [-1, 0])).toBe('block-1-1')
    expect(neighbour(picture, 2, [1, 0])).toBeUndefined()
  })

  it('shows no more than the wall, and keeps what is pointed at in its place when it comes nearer', () => {
    expect(kept({ x: 2, y: -1 }, 1)).toEqual({ x: 0.5, y: 0.5 })
    expect(kept({ x: 2, y: -1 }, 2)).toEqual({ x: 0.75, y: 0.25 })
    const around = { x: 0.6, y: 0.4 }
    const middle = zoomed({ x: 0.5, y: 0.5 }, around, 1, 2)
    // Seen from the middle, the point lies as far off as before, in parts of what is seen.
    expect((around.x - middle.x) * 2).toBeCloseTo(0.1)
    expect((around.y - middle.y) * 2).toBeCloseTo(-0.1)
  })
})
