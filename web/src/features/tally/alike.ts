import type { Group } from './queries'

export interface Alike {
  key: string
  name: string
  finished: string
  groups: Group[]
  needed: number
}

/** Groups of equal units together, in the order of the first of each. */
export function alike(groups: readonly Group[]): Alike[] {
  const byUnit = new Map<string, Group[]>()
  for (const group of groups) {
    const key = `${group.allKey} ${group.finished}`
    byUnit.set(key, [...(byUnit.get(key) ?? []), group])
  }
  return [...byUnit].map(([key, same]) => ({
    key,
    name: same[0]!.name,
    finished: same[0]!.finished,
    groups: same,
    needed: same.reduce((sum, group) => sum + group.needed, 0),
  }))
}

/** How a kind is made and cut, each way once: `two at a time, cut 4 in; eight at a time, cut 8 in`. */
export function waysInWords(kind: Alike, unitOfLength: string): string {
  const ways = kind.groups.map((group) => {
    const way = group.ways.find((each) => each.chosen)!
    const cut = `cut ${way.cutSizes} ${unitOfLength}`
    // A plain piece is only cut.
    return group.ways.length === 1 ? cut : `${way.name}, ${cut}`
  })
  return [...new Set(ways)].join('; ')
}
