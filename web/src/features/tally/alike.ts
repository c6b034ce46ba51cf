import type { Group } from './queries'

/** So many groups of the same unit in other cloths are told in one row, to be opened. */
const MANY = 8

export interface Alike {
  key: string
  groups: Group[]
  /** Whether they are told in one row. */
  many: boolean
  needed: number
}

/** Groups of equal units together, in the order of the first of each. */
export function alike(groups: readonly Group[]): Alike[] {
  const byUnit = new Map<string, Group[]>()
  for (const group of groups) {
    const key = `${group.name}, ${group.finished}`
    byUnit.set(key, [...(byUnit.get(key) ?? []), group])
  }
  return [...byUnit].map(([key, same]) => ({
    key,
    groups: same,
    many: same.length >= MANY,
    needed: same.reduce((sum, group) => sum + group.needed, 0),
  }))
}
