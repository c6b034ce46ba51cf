import { expect, it } from 'vitest'
import { withCloths } from './queries'

const cloth = (id: string, name: string) => ({ id, name }) as never

it('puts a new cloth last, and one that is there where it was', () => {
  const shelf = [cloth('1', 'oat'), cloth('2', 'ink')]
  expect(withCloths(shelf, [cloth('1', 'oat, more'), cloth('3', 'moss')])).toEqual([
    cloth('1', 'oat, more'),
    cloth('2', 'ink'),
    cloth('3', 'moss'),
  ])
})
