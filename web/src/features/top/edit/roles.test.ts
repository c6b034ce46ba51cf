import { describe, expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import type { Block, Part } from './blocks'
import { dressRole, rolesOf, traditionalOf } from './roles'

const part = (column: number, cloths: string[], block = ''): Part => ({
  column,
  row: 0,
  columns: 1,
  rows: 1,
  unit: {
    kind: block ? 'BLOCK' : 'HALF_SQUARE',
    count: 0,
    corner: '1/2',
    block,
    quarterTurns: 0,
    mirrored: false,
    cloths,
  },
})
const block = (key: string, name: string, parts: Part[]): Block => ({ key, name, columns: [1, 1], rows: [1], parts })

const LETTERS = [
  block('ladder', 'Ladder', [part(0, ['b', 'a']), part(1, [], 'patch')]),
  block('patch', 'Patch', [part(0, ['a', 'c'])]),
]
const undressed = [
  block('ladder', 'Ladder', [part(0, []), part(1, [], 'patch')]),
  block('patch', 'Patch', [part(0, [])]),
]
const design = (blocks: Block[]) => ({ blocks, cloths: [{ key: 'x', name: 'oat' }] }) as unknown as QuiltDesign

describe('a block is dressed by its roles', () => {
  it('knows the roles of a traditional block, those of smaller ones in it too', () => {
    const known = traditionalOf(undressed[0]!, [[LETTERS[1]!], LETTERS])
    expect(known).toBe(LETTERS)
    expect(
      rolesOf(design(undressed), undressed[0]!, known).map((role) => [role.letter, role.name, role.cloth]),
    ).toEqual([
      ['a', 'background', ''],
      ['b', 'dark', ''],
      ['c', 'light', ''],
    ])
  })

  it('gives every patch of a role its fabric and leaves the others', () => {
    const once = design(dressRole(design(undressed), undressed[0]!, 'a', 'x', LETTERS).blocks!)
    expect(once.blocks[0]!.parts[0]!.unit.cloths).toEqual(['', 'x'])
    expect(once.blocks[1]!.parts[0]!.unit.cloths).toEqual(['x', ''])
    expect(rolesOf(once, once.blocks[0]!, LETTERS)[0]!.cloth).toBe('x')
    const twice = dressRole(once, once.blocks[0]!, 'b', 'y', LETTERS).blocks!
    expect(twice[0]!.parts[0]!.unit.cloths).toEqual(['y', 'x'])
  })

  it('takes the fabrics that are there for roles, once a block was rebuilt', () => {
    const own = [block('own', 'Own', [part(0, ['x', 'y']), part(1, ['x', 'x'])])]
    expect(traditionalOf(own[0]!, [LETTERS])).toBeUndefined()
    expect(rolesOf(design(own), own[0]!, undefined).map((role) => role.name)).toEqual(['now oat', 'now not dressed'])
    expect(
      dressRole(design(own), own[0]!, 'x', 'z', undefined).blocks![0]!.parts.map((each) => each.unit.cloths),
    ).toEqual([
      ['z', 'y'],
      ['z', 'z'],
    ])
  })
})
