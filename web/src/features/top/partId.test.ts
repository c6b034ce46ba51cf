import { expect, it } from 'vitest'
import { borderPartOf, idInBorder, idOfSide, SIDES } from './partId'

// As PartId writes them in Java.
it('reads sides and corners of borders, and nothing else', () => {
  expect(borderPartOf('border-2-3')).toEqual({ border: 1, side: 'LOWER' })
  expect(borderPartOf('border-12-corner-4')).toEqual({ border: 11 })
  for (const other of ['block-2-3', 'sash-up-0-1', 'stone-4', 'triangle-top-1', 'border-', 'border-1-2-3'])
    expect(borderPartOf(other)).toBeUndefined()
})

it('writes what it reads', () => {
  for (const { side } of SIDES) expect(borderPartOf(idOfSide(4, side))).toEqual({ border: 4, side })
  expect(idInBorder('border-2-corner-1', 0)).toBe('border-1-corner-1')
  expect(idInBorder('border-2-4', 10)).toBe('border-11-4')
})
