import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'

type Cloth = QuiltDesign['cloths'][number]
type Exchanges = Schemas['KitDesign']['cloths']

/** A cloth by itself, or the prints of a pack, which are exchanged together. */
export interface ColourwayRow {
  key: string
  name: string
  prints: readonly Cloth[]
}

export function rowsOf(cloths: readonly Cloth[]): ColourwayRow[] {
  const rows: (ColourwayRow & { prints: Cloth[] })[] = []
  for (const cloth of cloths) {
    const pack = cloth.pack && rows.find((row) => row.key === `pack:${cloth.pack}`)
    if (pack) pack.prints.push(cloth)
    else if (cloth.pack) rows.push({ key: `pack:${cloth.pack}`, name: cloth.pack, prints: [cloth] })
    else rows.push({ key: cloth.key, name: cloth.name, prints: [cloth] })
  }
  return rows
}

/** What a print is called behind the name of its pack: ` 3` of `harvest 3`. */
const numberOf = (row: ColourwayRow, print: Cloth) =>
  print.name.startsWith(row.name) ? print.name.slice(row.name.length) : ` ${row.prints.indexOf(print) + 1}`

/** Takes the prints of another pack, each for the one of its number; a cloth by itself, for another; nothing is as designed. */
export function exchanged(exchanges: Exchanges, row: ColourwayRow, to: string): Exchanges {
  const others = exchanges.filter((each) => !row.prints.some((print) => print.key === each.from))
  const name = to.trim()
  if (!name) return others
  const isPack = row.prints.length > 1
  return [
    ...others,
    ...row.prints.map((print) => ({ from: print.key, to: isPack ? name + numberOf(row, print) : name })),
  ]
}

/** What was typed for a row: empty where it is as designed, or where its prints are exchanged one by one. */
export function typedFor(exchanges: Exchanges, row: ColourwayRow): string {
  const toOf = (print: Cloth) => exchanges.find((each) => each.from === print.key)?.to ?? ''
  const first = row.prints[0]!
  if (row.prints.length === 1) return toOf(first)
  const number = numberOf(row, first)
  const name = toOf(first).endsWith(number) ? toOf(first).slice(0, toOf(first).length - number.length) : ''
  return name && row.prints.every((print) => toOf(print) === name + numberOf(row, print)) ? name : ''
}
