import type { Schemas } from '@/api/client'

type Cloth = Schemas['ClothSheet']

/** Cloths that are laid on one another and cut at once. */
export interface Stack {
  label: string
  cloths: Cloth[]
}

/** A sheet that cloths which are cut alike share; the first of them stands for all. */
export interface SharedSheet {
  key: string
  name: string
  cloths: Cloth[]
  first: Cloth
  stacks: Stack[]
}

/** All sheets in the order in which is cut. */
export function sharedSheets(cut: Schemas['CutView']): SharedSheet[] {
  const cloths = new Map(cut.cloths.map((cloth) => [cloth.key, cloth]))
  const found = (keys: readonly string[]) => keys.map((key) => cloths.get(key)!)
  return cut.shared.map((shared) => {
    const all = found(shared.cloths)
    return {
      key: shared.cloths[0]!,
      name: all.length === 1 ? all[0]!.name : `These ${all.length} fabrics, each`,
      cloths: all,
      first: all[0]!,
      stacks: shared.stacks.map((stack) => ({ label: stack.label, cloths: found(stack.cloths) })),
    }
  })
}

/** The steps of all cloths of a stack that are done with one cut. */
export const stepsOf = (stack: Stack, piece: number, step: number) =>
  stack.cloths.map((cloth) => cloth.pieces[piece]!.steps[step]!)
