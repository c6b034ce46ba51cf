import type { QuiltDesign } from '@/features/quilts'

type Cloth = QuiltDesign['cloths'][number]

/** Cloths by the number they have in the tray, or by part of their names; the one of that number first. */
export function clothsFound(cloths: readonly Cloth[], words: string): { cloth: Cloth; number: number }[] {
  const numbered = cloths.map((cloth, i) => ({ cloth, number: i + 1 }))
  const wanted = words.trim().toLowerCase()
  if (!wanted) return numbered
  const byNumber = numbered.filter(({ number }) => String(number) === wanted)
  const byName = numbered.filter(({ cloth }) => cloth.name.toLowerCase().includes(wanted))
  return [...byNumber, ...byName.filter((each) => !byNumber.includes(each))]
}
