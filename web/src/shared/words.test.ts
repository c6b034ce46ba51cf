import { describe, expect, it } from 'vitest'
import { spellCount } from './words'

describe('spellCount', () => {
  it('takes one for one, and many for none or more', () => {
    expect([0, 1, 2].map((count) => spellCount(count, 'square', 'squares'))).toEqual([
      '0 squares',
      '1 square',
      '2 squares',
    ])
  })
})
