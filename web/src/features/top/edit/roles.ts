import type { QuiltDesign } from '@/features/quilts'
import type { Block, Part } from './blocks'

/** Where a block has one cloth: its background, what stands before it, and so on. */
export interface Role {
  /** Finds the patches of it again: a letter of the traditional block, or the cloth that is there now. */
  letter: string
  name: string
  /** Key of the cloth that all its patches are in now; empty where there is none, or more than one. */
  cloth: string
}

/** The letters a to e of a traditional block, in this order. */
const NAMES = ['background', 'dark', 'light', 'accent', 'second accent']

const sameKind = (one: Part, other: Part | undefined) =>
  !!other &&
  one.column === other.column &&
  one.row === other.row &&
  one.columns === other.columns &&
  one.rows === other.rows &&
  one.unit.kind === other.unit.kind

/** The traditional block that this one still is, with the smaller ones in it; undefined where it was rebuilt. */
export function traditionalOf(block: Block, found: readonly (readonly Block[])[]): readonly Block[] | undefined {
  return found.find(
    ([first]) =>
      first?.name === block.name &&
      first.parts.length === block.parts.length &&
      block.parts.every((part, i) => sameKind(part, first.parts[i])),
  )
}

/** A block and the smaller ones in it, each beside the traditional one that says its letters. */
function layers(design: QuiltDesign, block: Block, traditional: readonly Block[] | undefined): [Block, Block?][] {
  const seen: [Block, Block?][] = [[block, traditional?.[0]]]
  for (const part of block.parts) {
    const inner = design.blocks.find((each) => part.unit.kind === 'BLOCK' && each.key === part.unit.block)
    if (inner && !seen.some(([known]) => known.key === inner.key)) {
      seen.push([inner, traditional?.find((each) => each.name === inner.name)])
    }
  }
  return seen
}

/** The letter of each patch of a part. */
const lettersOf = (part: Part, i: number, like: Block | undefined) => like?.parts[i]?.unit.cloths ?? part.unit.cloths

export function rolesOf(design: QuiltDesign, block: Block, traditional: readonly Block[] | undefined): Role[] {
  const cloths = new Map<string, Set<string>>()
  for (const [each, like] of layers(design, block, traditional)) {
    each.parts.forEach((part, i) =>
      lettersOf(part, i, like).forEach((letter, patch) => {
        const known = cloths.get(letter) ?? new Set()
        cloths.set(letter, known.add(part.unit.cloths[patch] ?? ''))
      }),
    )
  }
  return [...cloths.keys()].sort().map((letter, i) => {
    const now = [...cloths.get(letter)!]
    const own = design.cloths.find((cloth) => cloth.key === letter)?.name ?? 'not dressed'
    return {
      letter,
      name: traditional ? (NAMES[i] ?? `fabric ${i + 1}`) : `now ${own}`,
      cloth: now.length === 1 ? now[0]! : '',
    }
  })
}

/** Every patch of a role in one cloth. */
export function dressRole(
  design: QuiltDesign,
  block: Block,
  role: string,
  cloth: string,
  traditional: readonly Block[] | undefined,
): Partial<QuiltDesign> {
  const dressed = new Map(
    layers(design, block, traditional).map(([each, like]) => [
      each.key,
      {
        ...each,
        parts: each.parts.map((part, i) => {
          const cloths = lettersOf(part, i, like).map((letter, patch) =>
            letter === role ? cloth : (part.unit.cloths[patch] ?? ''),
          )
          return { ...part, unit: { ...part.unit, cloths } }
        }),
      },
    ]),
  )
  return { blocks: design.blocks.map((each) => dressed.get(each.key) ?? each) }
}
