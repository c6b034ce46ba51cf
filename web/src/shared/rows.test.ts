import { expect, it } from 'vitest'
import { rowsOf } from './rows'

it('has full rows, but for the last', () => {
  expect(rowsOf([1, 2, 3, 4, 5], 2)).toEqual([[1, 2], [3, 4], [5]])
  expect(rowsOf([], 3)).toEqual([])
})
