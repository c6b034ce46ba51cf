import { expect, it } from 'vitest'
import type { QuiltDesign } from '@/features/quilts'
import { fabricGroups, foundIn, takenFor } from './fabricLists'

const cloth = (key: string, name: string, pack = '', standsFor = 'ITSELF') =>
  ({ key, name, pack, standsFor, shelfCloth: `s-${key}` }) as QuiltDesign['cloths'][number]
const lying = (id: string, name: string, pack = '') => ({ id, name, pack, colour: '#123456' }) as never

it('folds prints under their packs, in the order in which they are counted', () => {
  const cloths = [
    cloth('a', 'oat'),
    cloth('p7', 'noon 7', 'noon'),
    cloth('p28', 'noon 28', 'noon'),
    cloth('p10', 'noon 10', 'noon'),
    cloth('any', 'any print of noon', 'noon', 'ANY_PRINT'),
  ]
  const groups = fabricGroups(cloths, [lying('s-a', 'oat'), lying('x', 'teal'), lying('y', 'dusk 2', 'dusk')])
  expect(groups.map((group) => [group.label, group.choices.map((each) => each.name)])).toEqual([
    ['In hand', ['oat', 'any print of noon']],
    ['Prints of noon', ['noon 7', 'noon 10', 'noon 28']],
    ['Packs on the shelf', ['any print of dusk']],
    ['On the shelf', ['teal']],
    ['Prints of dusk, on the shelf', ['dusk 2']],
  ])
})

it('finds fabrics by words of their name or of their pack, wherever they lie', () => {
  const groups = fabricGroups(
    [cloth('a', 'oat'), cloth('p7', 'noon 7', 'noon'), cloth('p10', 'noon 10', 'noon')],
    [lying('x', 'dark teal'), lying('y', 'teal 2', 'dusk')],
  )
  const names = (words: string) => foundIn(groups, words).flatMap((group) => group.choices.map((each) => each.name))
  expect(names('TEAL')).toEqual(['dark teal', 'teal 2'])
  expect(names('teal dark')).toEqual(['dark teal'])
  expect(names('dusk teal')).toEqual(['teal 2'])
  expect(names('noon')).toEqual(['noon 7', 'noon 10'])
  expect(names('plum')).toEqual([])
  expect(foundIn(groups, ' ')).toEqual(groups)
})

it('takes what is chosen from the shelf in hand', () => {
  const design = { cloths: [cloth('a', 'oat')] } as never as QuiltDesign
  const shelf = [lying('x', 'teal'), lying('y', 'dusk 2', 'dusk')]
  expect(takenFor(design, { name: 'oat', key: 'a' }, shelf)).toEqual({ key: 'a', taken: {} })
  const teal = takenFor(design, { name: 'teal', shelf: shelf[0] }, shelf)!
  expect(teal.taken.cloths).toHaveLength(2)
  expect(teal.taken.cloths!.find((each) => each.key === teal.key)).toMatchObject({ name: 'teal', shelfCloth: 'x' })
  const any = takenFor(design, { name: 'any print of dusk', pack: 'dusk' }, shelf)!
  expect(any.taken.cloths!.find((each) => each.key === any.key)).toMatchObject({ standsFor: 'ANY_PRINT', pack: 'dusk' })
})
