import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import type { Block, Unit } from './blocks'

export type Cloth = QuiltDesign['cloths'][number]

/** A key that no cloth of the quilt has yet: a, b, … z, a2, … */
export function freeClothKey(cloths: readonly Cloth[]): string {
  for (let round = 1; ; round++) {
    for (const letter of 'abcdefghijklmnopqrstuvwxyz') {
      const key = round === 1 ? letter : letter + round
      if (!cloths.some((cloth) => cloth.key === key)) return key
    }
  }
}

/** Takes a cloth of the shelf in hand. */
export function withShelfCloth(design: QuiltDesign, cloth: Schemas['ShelfClothView']): Partial<QuiltDesign> {
  return { cloths: [...design.cloths, taken(design.cloths, cloth)] }
}

function taken(cloths: readonly Cloth[], cloth: Schemas['ShelfClothView']): Cloth {
  return {
    key: freeClothKey(cloths),
    name: cloth.name,
    colour: cloth.colour,
    lightness: '',
    background: false,
    shelfCloth: cloth.id,
    directional: cloth.directional,
    pack: cloth.pack,
    standsFor: 'ITSELF',
    guessed: cloth.guessed,
  }
}

/** Every print of a pack that is not in hand yet, and a place that any of its prints can be dealt to. */
export function withPack(
  design: QuiltDesign,
  pack: string,
  shelf: readonly Schemas['ShelfClothView'][],
): Partial<QuiltDesign> {
  const cloths = [...design.cloths]
  for (const cloth of shelf) {
    if (cloth.pack === pack && !cloths.some((each) => each.shelfCloth === cloth.id)) cloths.push(taken(cloths, cloth))
  }
  return withDealtPlace({ ...design, cloths }, pack, 'ANY_PRINT')
}

const PLACES: Record<Exclude<Cloth['standsFor'], 'ITSELF'>, { words: string; colour: string }> = {
  ANY_PRINT: { words: 'any print of', colour: '#9aa0a6' },
  LIGHT_PRINT: { words: 'a light print of', colour: '#d9dcdf' },
  DARK_PRINT: { words: 'a dark print of', colour: '#4d545b' },
}

/** A place that prints of a pack are dealt to; there may be several, which get different prints in a block. */
export function withDealtPlace(
  design: QuiltDesign,
  pack: string,
  standsFor: Exclude<Cloth['standsFor'], 'ITSELF'>,
): Partial<QuiltDesign> {
  const { words, colour } = PLACES[standsFor]
  const alike = design.cloths.filter((cloth) => cloth.pack === pack && cloth.standsFor === standsFor).length
  const place: Cloth = {
    key: freeClothKey(design.cloths),
    name: `${words} ${pack}${alike ? ` (${alike + 1})` : ''}`,
    colour,
    lightness: '',
    background: false,
    shelfCloth: '',
    directional: false,
    pack,
    standsFor,
    guessed: false,
  }
  return { cloths: [...design.cloths, place] }
}

export function changeCloth(design: QuiltDesign, key: string, change: Partial<Cloth>): Partial<QuiltDesign> {
  return { cloths: design.cloths.map((cloth) => (cloth.key === key ? { ...cloth, ...change } : cloth)) }
}

const swap = (cloth: string, from: string, to: string) => (cloth === from ? to : cloth)
const unitIn = (unit: Unit, from: string, to: string): Unit => ({
  ...unit,
  cloths: unit.cloths.map((cloth) => swap(cloth, from, to)),
})

/** One cloth for another in all of one block. */
export function exchangedInBlock(block: Block, from: string, to: string): Block {
  return { ...block, parts: block.parts.map((part) => ({ ...part, unit: unitIn(part.unit, from, to) })) }
}

/** One cloth for another everywhere in the quilt: blocks, places, sashing, borders, binding and backing. */
export function exchangedEverywhere(design: QuiltDesign, from: string, to: string): Partial<QuiltDesign> {
  const to_ = (cloth: string) => swap(cloth, from, to)
  return {
    blocks: design.blocks.map((block) => exchangedInBlock(block, from, to)),
    setting: { ...design.setting, cloth: to_(design.setting.cloth) },
    places: design.places.map((place) => ({
      ...place,
      exchanges: place.exchanges
        .map((each) => ({ from: to_(each.from), to: to_(each.to) }))
        .filter((each) => each.from !== each.to),
    })),
    sashing: {
      ...design.sashing,
      cornerstones: to_(design.sashing.cornerstones),
      units: design.sashing.units.map((unit) => unitIn(unit, from, to)),
    },
    borders: design.borders.map((border) => ({
      ...border,
      cloth: to_(border.cloth),
      units: border.units.map((unit) => unitIn(unit, from, to)),
      corner: border.corner.map((unit) => unitIn(unit, from, to)),
    })),
    finishing: {
      ...design.finishing,
      bindingCloth: to_(design.finishing.bindingCloth),
      backingCloth: to_(design.finishing.backingCloth),
    },
  }
}

/** Puts a cloth out of hand; what was dressed in it is undressed. */
export function withoutCloth(design: QuiltDesign, key: string): Partial<QuiltDesign> {
  return { ...exchangedEverywhere(design, key, ''), cloths: design.cloths.filter((cloth) => cloth.key !== key) }
}
