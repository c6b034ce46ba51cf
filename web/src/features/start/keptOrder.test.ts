import { expect, it } from 'vitest'
import { withPortion, wouldMoveUp } from './keptOrder'

it('leaves what is there where it is, and has what is new follow, best first', () => {
  expect(withPortion([], ['b', 'a'])).toEqual(['b', 'a'])
  expect(withPortion(['b', 'a'], ['d', 'b', 'c', 'a'])).toEqual(['b', 'a', 'd', 'c'])
})

it('counts those that would stand among the first', () => {
  expect(wouldMoveUp(['b', 'a', 'd', 'c'], ['d', 'b', 'c', 'a'], 2)).toBe(1)
  expect(wouldMoveUp(['b', 'a'], ['a', 'b'], 2)).toBe(0)
})
