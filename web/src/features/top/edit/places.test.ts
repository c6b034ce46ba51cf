import { expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import {
  blockAt,
  copyTo,
  placeAt,
  rowCopied,
  rowMirrored,
  rowsSwapped,
  swapped,
  swappedWithSpare,
  turned,
  withPlaces,
} from './places'
import { lockedParts, wrongParts } from './marked'

const design = {
  setting: { kind: 'STRAIGHT', blocks: ['star', 'plain'], between: 'SAME', betweenBlock: '' },
  places: [
    {
      row: 0,
      column: 1,
      block: '',
      quarterTurns: 1,
      mirrored: true,
      exchanges: [{ from: 'a', to: 'b' }],
      locked: false,
    },
    { row: 1, column: 0, block: 'star', quarterTurns: 0, mirrored: false, exchanges: [], locked: true },
  ],
  edgePlaces: [{ part: 'border-1-1', unit: 0, exchanges: [], locked: true }],
  plan: { making: { spareBlocks: [{ block: 'star', mirrored: true, exchanges: [{ from: 'f', to: 'c' }] }] } },
} as unknown as QuiltDesign

const after = (changes: Partial<QuiltDesign>) => ({ ...design, ...changes })
const COLUMNS = [0, 1, 2]
const look = (of: QuiltDesign) =>
  [0, 1].map((row) =>
    COLUMNS.map((column) => ({ ...placeAt(of, { row, column }), block: blockAt(of, { row, column }) })),
  )

it('gives places between their own block where blocks stand on point', () => {
  const onPoint = (between: string) =>
    ({
      ...design,
      places: [],
      setting: { ...design.setting, kind: 'ON_POINT', between, betweenBlock: 'own' },
    }) as QuiltDesign
  expect(blockAt(onPoint('OTHER'), { row: 1, column: 0 })).toBe('own')
  expect(blockAt(onPoint('PLAIN'), { row: 1, column: 0 })).toBe('')
  expect(blockAt(onPoint('SAME'), { row: 1, column: 0 })).toBe('plain')
  expect(blockAt(onPoint('PLAIN'), { row: 0, column: 0 })).toBe('star')
})

it('is as it was when two places, or two rows, change twice', () => {
  const [a, b] = [
    { row: 0, column: 1 },
    { row: 1, column: 2 },
  ]
  const once = after(swapped(design, a, b))
  expect(placeAt(once, b)).toMatchObject({ quarterTurns: 1, mirrored: true, exchanges: [{ from: 'a', to: 'b' }] })
  expect(look(after(swapped(once, a, b)))).toEqual(look(design))
  const rows = after(rowsSwapped(design, 0, 1, COLUMNS))
  expect(blockAt(rows, { row: 0, column: 2 })).toBe(blockAt(design, { row: 1, column: 2 }))
  expect(look(after(rowsSwapped(rows, 0, 1, COLUMNS)))).toEqual(look(design))
})

it('mirrors a row as a mirror shows it: twice is as it was', () => {
  const once = after(rowMirrored(design, 0, COLUMNS))
  expect(COLUMNS.map((column) => blockAt(once, { row: 0, column }))).toEqual(
    COLUMNS.toReversed().map((column) => blockAt(design, { row: 0, column })),
  )
  expect(placeAt(once, { row: 0, column: 1 })).toMatchObject({ mirrored: false, quarterTurns: 3 })
  expect(look(after(rowMirrored(once, 0, COLUMNS)))).toEqual(look(design))
})

it('copies a row, and a lock stays where it is', () => {
  const copied = after(rowCopied(design, 0, 1, COLUMNS))
  expect(blockAt(copied, { row: 1, column: 1 })).toBe('plain')
  expect(placeAt(copied, { row: 1, column: 0 }).locked).toBe(true)
  expect(copyTo(design, { row: 1, column: 0 }, { row: 0, column: 2 }).locked).toBe(false)
  expect(turned(placeAt(design, { row: 0, column: 1 }), -2).quarterTurns).toBe(3)
})

it('keeps no place that is as the setting has it', () => {
  expect(withPlaces(design, [placeAt({ ...design, places: [] }, { row: 0, column: 1 })]).places).toHaveLength(1)
})

it('changes a spare block with one of its kind, and with no other', () => {
  const free = after(
    withPlaces(design, [
      {
        ...placeAt(design, { row: 0, column: 0 }),
        exchanges: [
          { from: 'f', to: 'd' },
          { from: 'x', to: 'y' },
        ],
      },
    ]),
  )
  const changed = { ...free, ...swappedWithSpare(free, { row: 0, column: 0 }, 0) }
  expect(placeAt(changed, { row: 0, column: 0 })).toMatchObject({
    mirrored: true,
    exchanges: [
      { from: 'x', to: 'y' },
      { from: 'f', to: 'c' },
    ],
  })
  expect(changed.plan.making.spareBlocks[0]).toMatchObject({ mirrored: false, exchanges: [{ from: 'f', to: 'd' }] })
  expect(swappedWithSpare(free, { row: 0, column: 1 }, 0)).toBeUndefined()
  expect(swappedWithSpare(free, { row: 0, column: 0 }, 5)).toBeUndefined()
})

it('marks what is locked and what is wrong', () => {
  const parts = [
    { kind: 'BLOCK', row: 1, column: 0, id: 'block-1-0' },
    { kind: 'BLOCK', row: 0, column: 0, id: 'block-0-0' },
    { kind: 'BORDER', row: 1, column: 0, id: 'border-1-1' },
  ] as unknown as Parameters<typeof lockedParts>[1]
  expect(lockedParts(design, parts)).toEqual([0, 2])
  expect(wrongParts(parts, [{ partId: 'block-0-0' }])).toEqual([1])
})
