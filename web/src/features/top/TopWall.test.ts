import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import TopWall from './TopWall.vue'

const part = (row: number, column: number, figure = 0): Schemas['TopPartView'] => ({
  id: `block-${row}-${column}`,
  kind: 'BLOCK',
  where: `row ${row + 1}, block ${column + 1}`,
  name: 'Star',
  blockKey: 'star',
  row,
  column,
  quarterTurns: row,
  mirrored: column === 1,
  figure,
  transform: `1 0 0 1 ${column * 4} ${row * 4}`,
})

/** Two by two blocks of two triangles, one of them in other cloths. */
const PICTURE: Schemas['TopPictureView'] = {
  width: 8,
  height: 8,
  shapes: [{ width: 4, height: 4, patches: ['0,0 4,0 0,4', '4,0 4,4 0,4'], units: [] }],
  figures: [
    { shape: 0, cloths: [0, 1] },
    { shape: 0, cloths: [1, -2] },
  ],
  parts: [part(0, 0), part(0, 1), part(1, 0), part(1, 1, 1)],
}

function wall(chosen?: string) {
  return mount(TopWall, {
    props: { picture: PICTURE, colours: ['#111111', '#222222'], lit: [1, 2], wrong: [3], locked: [2], chosen },
  })
}

describe('TopWall', () => {
  it('draws each figure once, a path a fabric, and shows it where its parts lie', () => {
    const svg = wall()
    expect(svg.findAll('defs > g')).toHaveLength(2)
    expect(svg.findAll('use').map((use) => use.attributes('transform'))).toEqual([
      'matrix(1 0 0 1 0 0)',
      'matrix(1 0 0 1 4 0)',
      'matrix(1 0 0 1 0 4)',
      'matrix(1 0 0 1 4 4)',
    ])
    expect(
      svg
        .findAll('defs > g')[0]!
        .findAll('path')
        .map((path) => path.attributes('fill')),
    ).toEqual(['#111111', '#222222', 'none'])
    expect(svg.findAll('defs > g')[1]!.findAll('path')[1]!.attributes('fill')).toContain('blank')
  })

  it('lights parts up and frames the wrong ones', () => {
    const svg = wall()
    expect(svg.findAll('[data-wrong]')).toHaveLength(1)
    expect(svg.findAll('[data-locked]')).toHaveLength(1)
    expect(svg.findAll('rect[data-lit]')).toHaveLength(2)
  })

  it.each([
    ['ArrowRight', 'block-0-0', 'block-0-1'],
    ['ArrowDown', 'block-0-1', 'block-1-1'],
    ['ArrowLeft', 'block-1-1', 'block-1-0'],
    ['ArrowUp', 'block-1-0', 'block-0-0'],
  ])('goes by %s from %s to %s', async (key, from, to) => {
    const svg = wall(from)
    await svg.trigger('keydown', { key })
    expect(svg.emitted('chosen')).toEqual([[to, undefined]])
  })

  it('stays where there is nothing further on, and chooses the first part to begin with', async () => {
    const edge = wall('block-0-0')
    await edge.trigger('keydown', { key: 'ArrowLeft' })
    expect(edge.emitted('chosen')).toBeUndefined()
    const none = wall()
    await none.trigger('keydown', { key: 'ArrowDown' })
    expect(none.emitted('chosen')).toEqual([['block-0-0', undefined]])
  })

  it('zooms by keys, no further out than the whole', async () => {
    const svg = wall()
    await svg.trigger('keydown', { key: '+' })
    expect(svg.attributes('data-zoom')).toBe('1.25')
    await svg.trigger('keydown', { key: '-' })
    await svg.trigger('keydown', { key: '-' })
    expect(svg.attributes('data-zoom')).toBe('1.00')
    await svg.trigger('keydown', { key: 'r' })
    expect(svg.emitted('pressed')).toHaveLength(1)
  })

  it('says what is chosen and how it stands', () => {
    expect(wall('block-1-1').find('[role=status]').text()).toBe('row 2, block 2: Star, mirrored, turned 90°')
  })
})
