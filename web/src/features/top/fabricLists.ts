import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { withPack, withShelfCloth } from './edit/cloths'

type Cloth = QuiltDesign['cloths'][number]
type ShelfCloth = Schemas['ShelfClothView']

/** A fabric to choose: one in hand, or one of the shelf or any print of a pack, which comes into hand when it is chosen. */
export interface FabricChoice {
  name: string
  /** As it looks; a pack has many. */
  colour?: string
  key?: string
  shelf?: ShelfCloth
  pack?: string
}

export interface FabricGroup {
  label: string
  choices: FabricChoice[]
}

const byName = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
/** As they are counted: 7 before 10. */
export const sorted = <T extends { name: string }>(all: readonly T[]) =>
  [...all].sort((a, b) => byName.compare(a.name, b.name))

/** Every fabric there is, the same list wherever one is chosen: in hand first, prints folded under their packs, in order. */
export function fabricGroups(cloths: readonly Cloth[], shelf: readonly ShelfCloth[]): FabricGroup[] {
  const prints = (pack: string) => cloths.filter((cloth) => cloth.pack === pack && cloth.standsFor === 'ITSELF')
  const packsInHand = [...new Set(cloths.map((cloth) => cloth.pack).filter(Boolean))]
  const folded = packsInHand.filter((pack) => prints(pack).length > 1)
  const notInHand = shelf.filter((cloth) => !cloths.some((each) => each.shelfCloth === cloth.id))
  const packs = [...new Set(notInHand.map((cloth) => cloth.pack).filter(Boolean))]
  const chosen = (cloth: Cloth): FabricChoice => ({ name: cloth.name, colour: cloth.colour, key: cloth.key })
  const groups: FabricGroup[] = [
    {
      label: 'In hand',
      choices: cloths.filter((cloth) => cloth.standsFor !== 'ITSELF' || !folded.includes(cloth.pack)).map(chosen),
    },
    ...folded.map((pack) => ({ label: `Prints of ${pack}`, choices: sorted(prints(pack)).map(chosen) })),
    { label: 'Packs on the shelf', choices: packs.map((pack) => ({ name: `any print of ${pack}`, pack })) },
    {
      label: 'On the shelf',
      choices: sorted(notInHand.filter((cloth) => !cloth.pack)).map((cloth) => ({
        name: cloth.name,
        colour: cloth.colour,
        shelf: cloth,
      })),
    },
    ...packs.map((pack) => ({
      label: `Prints of ${pack}, on the shelf`,
      choices: sorted(notInHand.filter((cloth) => cloth.pack === pack)).map((cloth) => ({
        name: cloth.name,
        colour: cloth.colour,
        shelf: cloth,
      })),
    })),
  ]
  return groups.filter((group) => group.choices.length)
}

/** Those that have every word in their name, or in that of their group; groups without any are left out. */
export function foundIn<G extends { label: string; choices: { name: string }[] }>(
  groups: readonly G[],
  words: string,
): G[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return groups
    .map((group) => ({
      ...group,
      choices: group.choices.filter(({ name }) => {
        const said = `${name} ${group.label}`.toLowerCase()
        return wanted.every((word) => said.includes(word))
      }),
    }))
    .filter((group) => group.choices.length)
}

/** The key of a choice, and what comes into hand with it. */
export function takenFor(
  design: QuiltDesign,
  choice: FabricChoice,
  shelf: readonly ShelfCloth[],
): { key: string; taken: Partial<QuiltDesign> } | undefined {
  if (choice.key !== undefined) return { key: choice.key, taken: {} }
  const taken = choice.pack
    ? withPack(design, choice.pack, shelf)
    : choice.shelf
      ? withShelfCloth(design, choice.shelf)
      : {}
  const key = taken.cloths?.at(-1)?.key
  return key === undefined ? undefined : { key, taken }
}
