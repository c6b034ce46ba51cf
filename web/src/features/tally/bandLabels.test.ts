import { describe, expect, it } from 'vitest'
import { labelsPlaced } from './bandLabels'

const measure = (label: string) => label.length * 7
/** What lies beneath the bar, in rows. */
const placedOut = (bands: { percent: number; label: string }[], width: number) =>
  labelsPlaced(bands, width, measure).flatMap((each) => (each.inside ? [] : [each]))
const pairsOf = <T>(all: readonly T[]) =>
  all.flatMap((one, i) => all.slice(i + 1).map((other) => [one, other] as const))

describe('labels of a bar', () => {
  it('stand in their band where they fit, and move out beneath it where they do not', () => {
    const bands = [
      { percent: 90, label: 'for the border' },
      { percent: 10, label: 'trimmed' },
    ]
    expect(labelsPlaced(bands, 300, measure)).toEqual([
      { inside: true },
      { inside: false, row: 0, left: 251, middle: 285, width: 49 },
    ])
  })

  it('never lie on each other or over the ends of the bar, however many there are', () => {
    for (let many = 1; many <= 30; many++) {
      const label = (i: number) => 'x'.repeat(5 + ((i * 7) % 20))
      const placed = placedOut(
        Array.from({ length: many }, (_, i) => ({ percent: 100 / many, label: label(i) })),
        420,
      )
      expect(placed.every((each) => each.left >= 0 && each.left + each.width <= 420)).toBe(true)
      const onEachOther = pairsOf(placed).filter(
        ([one, other]) =>
          one.row === other.row && one.left < other.left + other.width && other.left < one.left + one.width,
      )
      expect(onEachOther).toEqual([])
    }
  })

  it('are led to by lines that meet no other label, where there is room to the right', () => {
    const bands = [6, 5, 4, 5, 4, 76].map((percent, i) => ({ percent, label: `piece of border ${i}` }))
    const placed = placedOut(bands, 600)
    expect(placed).toHaveLength(5)
    const met = pairsOf(placed).flatMap(([one, other]) => {
      const [upper, lower] = one.row < other.row ? [one, other] : [other, one]
      return lower.middle >= upper.left && lower.middle <= upper.left + upper.width ? [[upper, lower]] : []
    })
    expect(met).toEqual([])
  })
})
