import type { QuiltDesign } from '@/features/quilts'

export type Block = QuiltDesign['blocks'][number]
export type Part = Block['parts'][number]
export type Unit = Part['unit']

/** Cells of a block's grid, columns and rows from 0. */
export interface Cells {
  column: number
  row: number
  columns: number
  rows: number
}

export function withBlock(design: QuiltDesign, block: Block): Partial<QuiltDesign> {
  return { blocks: design.blocks.map((each) => (each.key === block.key ? block : each)) }
}

function overlap(a: Cells, b: Cells): boolean {
  return (
    a.column < b.column + b.columns &&
    b.column < a.column + a.columns &&
    a.row < b.row + b.rows &&
    b.row < a.row + a.rows
  )
}

/** Puts a unit into cells; whatever lay there goes. */
export function put(block: Block, cells: Cells, unit: Unit): Block {
  return { ...block, parts: [...block.parts.filter((part) => !overlap(part, cells)), { ...cells, unit }] }
}

export function takeOut(block: Block, part: number): Block {
  return { ...block, parts: block.parts.filter((_, i) => i !== part) }
}

export function changeUnit(block: Block, part: number, change: Partial<Unit>): Block {
  return {
    ...block,
    parts: block.parts.map((each, i) => (i === part ? { ...each, unit: { ...each.unit, ...change } } : each)),
  }
}

export function turnUnit(block: Block, part: number, quarters: number): Block {
  const unit = block.parts[part]!.unit
  return changeUnit(block, part, { quarterTurns: (unit.quarterTurns + quarters + 4) % 4 })
}

export function mirrorUnit(block: Block, part: number): Block {
  const unit = block.parts[part]!.unit
  return changeUnit(block, part, { mirrored: !unit.mirrored, quarterTurns: (4 - unit.quarterTurns) % 4 })
}

/** Gives a patch its cloth; those before it that have none yet stay without. */
export function dress(block: Block, part: number, patch: number, cloth: string): Block {
  const cloths = [...block.parts[part]!.unit.cloths]
  while (cloths.length <= patch) cloths.push('')
  cloths[patch] = cloth
  return changeUnit(block, part, { cloths })
}

/** Lets a part take more or fewer cells; what it then covers goes. */
export function resize(block: Block, part: number, size: { columns: number; rows: number }): Block {
  const old = block.parts[part]!
  const cells = {
    column: old.column,
    row: old.row,
    columns: Math.max(1, Math.min(size.columns, block.columns.length - old.column)),
    rows: Math.max(1, Math.min(size.rows, block.rows.length - old.row)),
  }
  return put({ ...block, parts: block.parts.filter((_, i) => i !== part) }, cells, old.unit)
}

/** Another grid; parts that no longer lie in it go. */
export function regrid(block: Block, columns: number[], rows: number[]): Block {
  const parts = block.parts.filter(
    (part) => part.column + part.columns <= columns.length && part.row + part.rows <= rows.length,
  )
  return { ...block, columns, rows, parts }
}

/** Reads "1 2 1", "1:2:1" or "3" (three equal ones); nothing if it cannot be read. */
export function readLines(typed: string): number[] | undefined {
  const numbers = typed
    .trim()
    .split(/[\s:,]+/)
    .map(Number)
  if (!numbers.length || numbers.some((each) => !Number.isInteger(each) || each < 1 || each > 48)) return undefined
  const lines = numbers.length === 1 ? Array.from({ length: numbers[0]! }, () => 1) : numbers
  return lines.length <= 24 ? lines : undefined
}

/** A name that no other block of the quilt has yet. */
export function freeKey(design: QuiltDesign, wanted: string): string {
  const taken = new Set(design.blocks.map((block) => block.key))
  let key = wanted
  for (let i = 2; taken.has(key); i++) key = `${wanted}-${i}`
  return key
}

/**
 * Takes a block of the shelf, with the smaller ones in it, into the quilt. Its cloths, which are letters, become the
 * quilt's cloths in their order.
 */
export function adopt(
  design: QuiltDesign,
  blocks: readonly Block[],
  byLetter: boolean,
): { design: Partial<QuiltDesign>; key: string } {
  const keys = new Map<string, string>()
  for (const block of blocks)
    keys.set(
      block.key,
      freeKey(
        { ...design, blocks: [...design.blocks, ...[...keys.values()].map((key) => ({ ...block, key }))] },
        block.key,
      ),
    )
  const cloth = (letter: string) =>
    byLetter
      ? (design.cloths[letter.charCodeAt(0) - 97]?.key ?? '')
      : design.cloths.some((each) => each.key === letter)
        ? letter
        : ''
  const adopted = blocks.map((block) => ({
    ...block,
    key: keys.get(block.key)!,
    parts: block.parts.map((part) => ({
      ...part,
      unit: { ...part.unit, block: keys.get(part.unit.block) ?? part.unit.block, cloths: part.unit.cloths.map(cloth) },
    })),
  }))
  return { design: { blocks: [...design.blocks, ...adopted] }, key: adopted[0]!.key }
}

/** Keys of the blocks in which this one lies, and of itself. */
export function smallerBlocksFor(design: QuiltDesign, key: string): Block[] {
  const holds = (block: Block, wanted: string): boolean =>
    block.key === wanted ||
    block.parts.some((part) => {
      const inner = design.blocks.find((each) => each.key === part.unit.block)
      return part.unit.kind === 'BLOCK' && inner !== undefined && holds(inner, wanted)
    })
  return design.blocks.filter((block) => !holds(block, key))
}

/** Removes a block that stands nowhere any more. */
export function withoutBlock(design: QuiltDesign, key: string): Partial<QuiltDesign> {
  return {
    blocks: design.blocks.filter((block) => block.key !== key),
    setting: { ...design.setting, blocks: design.setting.blocks.filter((each) => each !== key) },
    places: design.places.filter((place) => place.block !== key),
  }
}
