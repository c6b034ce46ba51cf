import { sideOf, unlikeSide, withSide } from './borders'
import { describe, expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import {
  adopt,
  type Block,
  dress,
  put,
  readLines,
  regrid,
  resize,
  smallerBlocksFor,
  turnUnit,
  type Unit,
  withoutBlock,
} from './blocks'
import { exchangedEverywhere, freeClothKey, freedEverywhere, ruledOut, withoutCloth } from './cloths'
import { dressPart, dressWhole } from './dressing'
import { edgeAt, edgesOfBorders, edgesSwapped, exchangedAtEdge, withEdges } from './edges'
import {
  blockAt,
  exchangedAt,
  mirrored,
  placeAt,
  rowCopied,
  rowsSwapped,
  settingsOwn,
  swapped,
  turned,
  withPlaces,
} from './places'

const UNIT: Unit = {
  kind: 'HALF_SQUARE',
  count: 0,
  corner: '1/2',
  block: '',
  quarterTurns: 0,
  mirrored: false,
  cloths: ['a', 'b'],
}
const BLOCK: Block = {
  key: 'one',
  name: 'One',
  columns: [1, 1, 1],
  rows: [1, 1, 1],
  parts: [{ column: 0, row: 0, columns: 1, rows: 1, unit: UNIT }],
}
const cloth = (key: string) => ({
  key,
  name: key,
  colour: '#000000',
  lightness: '',
  background: false,
  shelfCloth: '',
  directional: false,
  pack: '',
  standsFor: 'ITSELF' as const,
  guessed: false,
  print: 'PLAIN',
  but: [] as string[],
})
const DESIGN = {
  cloths: [cloth('a'), cloth('b')],
  blocks: [BLOCK, { ...BLOCK, key: 'two' }],
  setting: { kind: 'STRAIGHT', across: 3, down: 2, blocks: ['one', 'two'], cloth: 'a', halves: 'BLOCK' },
  places: [{ row: 0, column: 1, block: '', quarterTurns: 1, mirrored: false, exchanges: [{ from: 'a', to: 'b' }] }],
  edgePlaces: [] as QuiltDesign['edgePlaces'],
  sashing: { width: '1', units: [{ ...UNIT, kind: 'PLAIN', cloths: ['b'] }], cornerstones: 'a', around: false },
  borders: [
    {
      kind: 'PLAIN',
      width: '3',
      cloth: 'a',
      units: [],
      unitLength: '',
      mirrorAtMiddle: false,
      corners: 'BUTTED',
      corner: [],
      sides: [],
      sideJoins: [],
      middle: [],
    },
  ],
  finishing: { bindingCloth: 'a', bindingStrip: '', backingCloth: '', backingWidth: '', overhang: '' },
} as unknown as QuiltDesign

describe('places', () => {
  it('take their block in turn along rows and columns', () => {
    expect([0, 1, 2].map((column) => blockAt(DESIGN, { row: 0, column }))).toEqual(['one', 'two', 'one'])
    expect(blockAt(DESIGN, { row: 1, column: 0 })).toBe('two')
  })

  it('are kept only where they differ from the setting', () => {
    const back = withPlaces(DESIGN, [settingsOwn(DESIGN, { row: 0, column: 1 })])
    expect(back.places).toEqual([])
    expect(withPlaces(DESIGN, [turned(settingsOwn(DESIGN, { row: 1, column: 1 }), -1)]).places).toHaveLength(2)
  })

  it('mirrored twice are as they were, and a turned one turns the other way', () => {
    const place = placeAt(DESIGN, { row: 0, column: 1 })
    expect(mirrored(place)).toMatchObject({ mirrored: true, quarterTurns: 3 })
    expect(mirrored(mirrored(place))).toEqual(place)
  })

  it('swap what stands there, the block that has its turn included', () => {
    const after = { ...DESIGN, ...swapped(DESIGN, { row: 0, column: 0 }, { row: 0, column: 1 }) }
    expect(blockAt(after, { row: 0, column: 0 })).toBe('two')
    expect(placeAt(after, { row: 0, column: 0 }).quarterTurns).toBe(1)
    expect(blockAt(after, { row: 0, column: 1 })).toBe('one')
  })

  it('are copied and swapped by whole rows', () => {
    const copied = { ...DESIGN, ...rowCopied(DESIGN, 0, 1, [0, 1, 2]) }
    expect([0, 1, 2].map((column) => blockAt(copied, { row: 1, column }))).toEqual(['one', 'two', 'one'])
    const after = { ...DESIGN, ...rowsSwapped(DESIGN, 0, 1, [0, 1, 2]) }
    expect(placeAt(after, { row: 1, column: 1 })).toMatchObject({ block: 'two', quarterTurns: 1 })
    expect(placeAt(after, { row: 0, column: 1 })).toMatchObject({ block: 'one', quarterTurns: 0 })
  })

  it('forget an exchange that leads back to the fabric itself', () => {
    const place = placeAt(DESIGN, { row: 0, column: 1 })
    expect(exchangedAt(place, 'a', 'a').exchanges).toEqual([])
  })
})

describe('blocks', () => {
  it('put a unit over what lay there', () => {
    const goose = put(BLOCK, { column: 0, row: 0, columns: 2, rows: 1 }, UNIT)
    expect(goose.parts).toHaveLength(1)
    expect(resize(goose, 0, { columns: 9, rows: 1 }).parts[0]).toMatchObject({ columns: 3, rows: 1 })
  })

  it('dress one patch and leave those before it without a fabric', () => {
    const plain = put(BLOCK, { column: 1, row: 1, columns: 1, rows: 1 }, { ...UNIT, cloths: [] })
    expect(dress(plain, 1, 1, 'b').parts[1]!.unit.cloths).toEqual(['', 'b'])
    expect(turnUnit(BLOCK, 0, -1).parts[0]!.unit.quarterTurns).toBe(3)
  })

  it('lose only what no longer lies in the grid', () => {
    const two = put(BLOCK, { column: 2, row: 0, columns: 1, rows: 1 }, UNIT)
    expect(regrid(two, [1, 1], [1, 1]).parts).toEqual(BLOCK.parts)
  })

  it.each([
    ['3', [1, 1, 1]],
    ['1 2 1', [1, 2, 1]],
    ['1:2:1', [1, 2, 1]],
    ['two', undefined],
    ['0', undefined],
    ['1 2.5', undefined],
    ['99', undefined],
  ])('read the columns %s', (typed, lines) => expect(readLines(typed)).toEqual(lines))

  it('come from the shelf under a free name, letters becoming the fabrics in hand', () => {
    const taken = adopt(
      DESIGN,
      [{ ...BLOCK, parts: [{ ...BLOCK.parts[0]!, unit: { ...UNIT, cloths: ['b', 'c'] } }] }],
      true,
    )
    expect(taken.key).toBe('one-2')
    expect(taken.design.blocks!.at(-1)!.parts[0]!.unit.cloths).toEqual(['b', ''])
  })

  it('cannot be set into those that they hold', () => {
    const holder = {
      ...BLOCK,
      key: 'holder',
      parts: [{ ...BLOCK.parts[0]!, unit: { ...UNIT, kind: 'BLOCK' as const, block: 'one' } }],
    }
    const design = { ...DESIGN, blocks: [...DESIGN.blocks, holder] }
    expect(smallerBlocksFor(design, 'one').map((block) => block.key)).toEqual(['two'])
    expect(smallerBlocksFor(design, 'holder').map((block) => block.key)).toEqual(['one', 'two'])
    expect(withoutBlock(design, 'one').setting!.blocks).toEqual(['two'])
  })
})

describe('cloths', () => {
  it('are exchanged in blocks, places, sashing, borders and binding', () => {
    const after = { ...DESIGN, ...exchangedEverywhere(DESIGN, 'a', 'b') }
    expect(JSON.stringify({ ...after, cloths: [] })).not.toContain('"a"')
    expect(after.places[0]!.exchanges).toEqual([])
  })

  it('put out of hand leave their patches undressed', () => {
    const after = withoutCloth(DESIGN, 'b')
    expect(after.cloths!.map((each) => each.key)).toEqual(['a'])
    expect(after.blocks![0]!.parts[0]!.unit.cloths).toEqual(['a', ''])
    expect(freeClothKey(DESIGN.cloths)).toBe('c')
  })

  it('dress a block wherever it stands, and all of a border with its corners', () => {
    const at = { kind: 'BLOCK', id: 'block-0-1', row: 0, column: 1, blockKey: 'two' } as never
    const third = { ...DESIGN.places[0]!, row: 1, column: 0, exchanges: [{ from: 'b', to: 'c' }] }
    const other = { ...DESIGN.places[0]!, row: 0, column: 0, exchanges: [{ from: 'a', to: 'c' }] }
    const design = { ...DESIGN, places: [...DESIGN.places, third, other] }
    const dressed = dressWhole(design, at, 'b', 'c')
    expect(dressed.blocks!.map((block) => block.parts[0]!.unit.cloths)).toEqual([
      ['a', 'b'],
      ['c', 'b'],
    ])
    expect(dressed.places!.map((place) => place.exchanges)).toEqual(
      expect.arrayContaining([[], [{ from: 'b', to: 'c' }], [{ from: 'a', to: 'c' }]]),
    )
    const border = { ...DESIGN.borders[0]!, corner: [{ ...UNIT, cloths: ['b', 'a'] }] }
    const edge = { kind: 'BORDER', id: 'border-1-2', row: -1, column: -1 } as never
    expect(dressWhole({ ...DESIGN, borders: [border] }, edge, 'a', 'c').borders).toMatchObject([
      { cloth: 'c', corner: [{ cloths: ['b', 'c'] }] },
    ])
  })

  it('dress the part that is chosen: a place, the sashing, a border', () => {
    const part = (kind: string, id: string) => ({ kind, id, row: 1, column: 1 }) as never
    expect(dressPart(DESIGN, part('BLOCK', 'block-1-1'), 'a', 'b').places).toHaveLength(2)
    expect(dressPart(DESIGN, part('SASHING', 'sash-1'), 'b', 'a').sashing!.units[0]!.cloths).toEqual(['a'])
    expect(dressPart(DESIGN, part('CORNERSTONE', 'stone-1-1'), 'a', 'b').sashing!.cornerstones).toBe('b')
    expect(dressPart(DESIGN, part('BORDER', 'border-1-2'), 'a', 'b').borders![0]!.cloth).toBe('b')
  })
})

describe('a side of a border that is unlike the others', () => {
  const border = withSide(DESIGN.borders[0]!, 'RIGHT', { kind: 'PLAIN', cloth: 'b', width: '5' })
  const unlike: QuiltDesign = { ...DESIGN, borders: [withSide(border, 'UPPER', { kind: 'NONE' })] }

  it('is said in the order of the sides, and no longer once it is like the rest', () => {
    expect(unlike.borders[0]!.sides.map((each) => [each.side, each.width])).toEqual([
      ['UPPER', '3'],
      ['RIGHT', '5'],
    ])
    expect(withSide(border, 'RIGHT', undefined)).toEqual(DESIGN.borders[0])
    expect(sideOf(border, 'LOWER')).toMatchObject({ kind: 'PLAIN', width: '3', cloth: 'a' })
    expect(unlikeSide({ ...border, kind: 'SPACER' }, 'RIGHT')).toBeUndefined()
  })

  it('is dressed by itself where it is chosen, and with all others everywhere', () => {
    const part = (id: string) => ({ kind: 'BORDER', id, row: -1, column: -1 }) as never
    const right = dressPart(unlike, part('border-1-2'), 'b', 'c').borders![0]!
    expect([right.cloth, right.sides[1]!.cloth]).toEqual(['a', 'c'])
    const left = dressPart(unlike, part('border-1-4'), 'a', 'c').borders![0]!
    expect([left.cloth, left.sides[1]!.cloth]).toEqual(['c', 'b'])
    expect(exchangedEverywhere(unlike, 'b', 'c').borders![0]!.sides[1]!.cloth).toBe('c')
  })
})

describe('edges', () => {
  const SIDE = { id: 'border-1-2', kind: 'PIECED_BORDER', row: -1, column: -1 } as Parameters<typeof dressPart>[1]
  const pieced = {
    ...DESIGN,
    borders: [{ ...DESIGN.borders[0]!, kind: 'PIECED', units: [{ ...UNIT, kind: 'PLAIN', cloths: ['a'] }] }],
  } as QuiltDesign
  const at = { part: 'border-1-2', unit: 3 }

  it('are dressed one unit at a time only where a unit is otherwise already', () => {
    expect(dressPart(pieced, SIDE, 'a', 'b', 3).borders![0]!.units[0]!.cloths).toEqual(['b'])
    const other = { ...pieced, ...withEdges(pieced, [exchangedAtEdge(edgeAt(pieced, at), 'a', 'b')]) }
    expect(other.edgePlaces).toEqual([{ ...at, exchanges: [{ from: 'a', to: 'b' }], locked: false }])
    expect(dressPart(other, SIDE, 'b', 'a', 3)).toEqual({ edgePlaces: [] })
    expect(dressPart(other, SIDE, 'a', 'b', 2)).toHaveProperty('borders')
  })

  it('change places, and go with their borders', () => {
    const other = { ...pieced, ...withEdges(pieced, [exchangedAtEdge(edgeAt(pieced, at), 'a', 'b')]) }
    const swappedTo = { ...other, ...edgesSwapped(other, at, { part: 'border-1-4', unit: 0 }) }
    expect(swappedTo.edgePlaces.map((place) => place.part)).toEqual(['border-1-4'])
    expect(edgesOfBorders(other, (border) => border + 1)[0]!.part).toBe('border-2-2')
    expect(edgesOfBorders(other, () => undefined)).toEqual([])
    expect(
      edgesOfBorders({ ...other, edgePlaces: [{ ...edgeAt(other, at), part: 'stone-1-1' }] }, () => undefined),
    ).toHaveLength(1)
  })

  it('follow a fabric that is exchanged everywhere', () => {
    const other = { ...pieced, ...withEdges(pieced, [exchangedAtEdge(edgeAt(pieced, at), 'a', 'b')]) }
    expect(exchangedEverywhere(other, 'b', 'c').edgePlaces![0]!.exchanges).toEqual([{ from: 'a', to: 'c' }])
    expect(withoutCloth(other, 'b').edgePlaces![0]!.exchanges).toEqual([{ from: 'a', to: '' }])
  })
})

describe('a whole top of any print', () => {
  const prints = ['a', 'b'].map((key) => ({ ...DESIGN.cloths.find((each) => each.key === key)!, pack: 'dusk' }))
  const inPrints = { ...DESIGN, cloths: prints } as QuiltDesign

  it('frees prints that differ in a block differently, and leaves the rest', () => {
    const freed = { ...inPrints, ...freedEverywhere(inPrints, 'dusk', []) }
    const [first, second] = freed.cloths.filter((each) => each.standsFor === 'ANY_PRINT').map((each) => each.key)
    expect(freed.blocks[0]!.parts[0]!.unit.cloths).toEqual([first, second])
    expect(freed.borders[0]!.cloth).toBe(first)
    expect(freed.sashing.units[0]!.cloths).toEqual([first])
    expect(freed.sashing.cornerstones).toBe(second)
    expect(freedEverywhere(freed, 'dusk', []).cloths).toHaveLength(4)
  })

  it('frees what is not dressed where no print lies yet', () => {
    const bare = { ...inPrints, ...exchangedEverywhere(inPrints, 'a', '') }
    const undressed = { ...bare, ...exchangedEverywhere(bare as QuiltDesign, 'b', 'white') } as QuiltDesign
    const bareUnit = { ...BLOCK, parts: [{ ...BLOCK.parts[0]!, unit: { ...UNIT, cloths: [] } }] }
    const picture = { key: 'one', parts: [0, 0, -1] } as Parameters<typeof freedEverywhere>[2][number]
    const both = freedEverywhere({ ...undressed, blocks: [bareUnit] }, 'dusk', [picture])
    expect(both.blocks![0]!.parts[0]!.unit.cloths).toEqual(both.cloths!.slice(-2).map((each) => each.key))
    const freed = freedEverywhere(undressed, 'dusk', [])
    expect(freed.blocks![0]!.parts[0]!.unit.cloths).toEqual([freed.cloths!.at(-1)!.key, 'white'])
  })

  it('rules a print out, and lets it in again', () => {
    const out = { ...inPrints, ...ruledOut(inPrints, inPrints.cloths[0]!, 'b', true) }
    expect(out.cloths[0]!.but).toEqual(['b'])
    expect(ruledOut(out, out.cloths[0]!, 'b', false).cloths![0]!.but).toEqual([])
    expect(withoutCloth(out, 'b').cloths![0]!.but).toEqual([])
  })
})
