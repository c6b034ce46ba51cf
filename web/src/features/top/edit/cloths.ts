import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import type { Block, Unit } from './blocks'
import { type Border, clothsOfBorder, dressedBorder } from './borders'

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
    print: cloth.print,
    but: [],
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
    print: 'PLAIN',
    but: [],
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

/** One cloth for another in all sides and corners of one border. */
export function exchangedInBorder(border: Border, from: string, to: string): Border {
  const other = dressedBorder(border, (part) => ({
    ...part,
    cloth: swap(part.cloth, from, to),
    units: part.units.map((unit) => unitIn(unit, from, to)),
  }))
  return { ...other, corner: border.corner.map((unit) => unitIn(unit, from, to)) }
}

/** One cloth for another everywhere in the quilt: blocks, places, sashing, borders, binding and backing. */
export function exchangedEverywhere(design: QuiltDesign, from: string, to: string): Partial<QuiltDesign> {
  const to_ = (cloth: string) => swap(cloth, from, to)
  const exchanges = (all: QuiltDesign['places'][number]['exchanges']) =>
    all.map((each) => ({ from: to_(each.from), to: to_(each.to) })).filter((each) => each.from !== each.to)
  return {
    blocks: design.blocks.map((block) => exchangedInBlock(block, from, to)),
    setting: { ...design.setting, cloth: to_(design.setting.cloth) },
    places: design.places.map((place) => ({ ...place, exchanges: exchanges(place.exchanges) })),
    edgePlaces: design.edgePlaces.map((place) => ({ ...place, exchanges: exchanges(place.exchanges) })),
    sashing: {
      ...design.sashing,
      cornerstones: to_(design.sashing.cornerstones),
      units: design.sashing.units.map((unit) => unitIn(unit, from, to)),
    },
    borders: design.borders.map((border) => exchangedInBorder(border, from, to)),
    finishing: {
      ...design.finishing,
      bindingCloth: to_(design.finishing.bindingCloth),
      backingCloth: to_(design.finishing.backingCloth),
    },
  }
}

/** Whether a print may lie at a place for any print of its pack. */
export function ruledOut(design: QuiltDesign, place: Cloth, print: string, out: boolean): Partial<QuiltDesign> {
  const others = place.but.filter((each) => each !== print)
  return changeCloth(design, place.key, { but: out ? [...others, print] : others })
}

/**
 * Frees the whole top: wherever a print of the pack lies, any of its prints may lie. Prints that differ in a block still
 * differ there: the first becomes the first free place, the second another one. Where no print of it lies, all that is not
 * dressed is freed, each patch of a unit for another print.
 *
 * @param pictures of the blocks, which tell how many patches each unit has
 */
export function freedEverywhere(
  design: QuiltDesign,
  pack: string,
  pictures: readonly Schemas['BlockPictureView'][],
): Partial<QuiltDesign> {
  const prints = new Set(
    design.cloths.filter((cloth) => cloth.pack === pack && cloth.standsFor === 'ITSELF').map((cloth) => cloth.key),
  )
  const has = (cloths: readonly string[]) => cloths.some((cloth) => prints.has(cloth))
  const dressed =
    design.blocks.some((block) => block.parts.some((part) => has(part.unit.cloths))) ||
    design.borders.some((border) => has(clothsOfBorder(border))) ||
    has([...design.sashing.units.flatMap((unit) => unit.cloths), design.sashing.cornerstones, design.setting.cloth])
  const isFreed = (cloth: string) => (dressed ? prints.has(cloth) : cloth === '')
  let all = design
  const places = () => all.cloths.filter((cloth) => cloth.pack === pack && cloth.standsFor === 'ANY_PRINT')
  const nth = (index: number): string => {
    while (places().length <= index) all = { ...all, ...withDealtPlace(all, pack, 'ANY_PRINT') }
    return places()[index]!.key
  }
  const freeing = () => {
    const seen: string[] = []
    return (cloth: string, patch = 0) => {
      if (!isFreed(cloth)) return cloth
      const was = cloth || `patch ${patch}`
      if (!seen.includes(was)) seen.push(was)
      return nth(seen.indexOf(was))
    }
  }
  const freed = (unit: Unit, free: (cloth: string, patch: number) => string): Unit => ({
    ...unit,
    cloths: unit.cloths.map(free),
  })
  const padded = (unit: Unit, patches: number): Unit => ({
    ...unit,
    cloths: [...unit.cloths, ...Array<string>(Math.max(0, patches - unit.cloths.length)).fill('')],
  })
  const blocks = design.blocks.map((block) => {
    const free = freeing()
    const picture = pictures.find((each) => each.key === block.key)
    const parts = block.parts.map((part, i) => {
      const patches = part.unit.kind === 'BLOCK' ? 0 : (picture?.parts.filter((each) => each === i).length ?? 0)
      return { ...part, unit: freed(padded(part.unit, patches), free) }
    })
    return { ...block, parts }
  })
  const borders = design.borders.map((border) => {
    const free = freeing()
    return {
      ...dressedBorder(border, (part) => ({
        ...part,
        cloth: part.kind === 'PIECED' || part.kind === 'NONE' ? part.cloth : free(part.cloth, 0),
        units: part.units.map((unit) => freed(unit, free)),
      })),
      corner: border.corner.map((unit) => freed(unit, free)),
    }
  })
  const sash = freeing()
  const sashing = design.sashing.width
    ? {
        ...design.sashing,
        units: design.sashing.units.map((unit) => freed(unit, sash)),
        cornerstones: design.sashing.cornerstones ? sash(design.sashing.cornerstones) : '',
      }
    : design.sashing
  return { blocks, borders, sashing, cloths: all.cloths }
}

/** Puts a cloth out of hand; what was dressed in it is undressed. */
export function withoutCloth(design: QuiltDesign, key: string): Partial<QuiltDesign> {
  return {
    ...exchangedEverywhere(design, key, ''),
    cloths: design.cloths
      .filter((cloth) => cloth.key !== key)
      .map((cloth) => ({ ...cloth, but: cloth.but.filter((each) => each !== key) })),
  }
}
