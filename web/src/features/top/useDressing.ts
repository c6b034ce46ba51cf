import { computed, type Ref, ref } from 'vue'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { dressPart, dressWhole } from './edit/dressing'
import { clothOf, clothOfUnit, unitOf, unitsAlong } from './wall/geometry'

type Change = Partial<QuiltDesign>

export interface DressingOptions {
  design: Readonly<Ref<QuiltDesign>>
  picture: Readonly<Ref<Schemas['TopPictureView'] | undefined>>
  /** Id of the part that is chosen. */
  chosenId: Ref<string | undefined>
  /** Which unit along it, where that is a strip or a border. */
  chosenUnit: Ref<number>
  change: (part: Change) => void
  say: (text: string) => void
  /** Shows what would come of a change, keeps it, and lets go of it. */
  drags: { tryOut: (what: string, part: Change) => void; keep: (what: string, part: Change) => void; left: () => void }
}

/** Parts of the wall are dressed: by a cloth's number or name in what is chosen, or by a cloth that is carried there. */
export function useDressing({ design, picture, chosenId, chosenUnit, change, say, drags }: DressingOptions) {
  const chosenCloth = ref<string>()
  const parts = computed(() => picture.value?.parts ?? [])
  const chosenPart = computed(() => parts.value.find((part) => part.id === chosenId.value))
  const clothKeys = computed(() => design.value.cloths.map((cloth) => cloth.key))
  const keyOf = (cloth: number | undefined) => (cloth === undefined ? undefined : (clothKeys.value[cloth] ?? ''))
  const clothAt = (part: Schemas['TopPartView'], patch: number) => keyOf(clothOf(picture.value!, part, patch))
  /** The cloths of the part that is chosen, by their keys, each once. */
  const partCloths = computed(() => {
    const part = chosenPart.value
    if (!part || !picture.value) return []
    const figure = picture.value.figures[part.figure]!
    return [...new Set(figure.cloths)].filter((cloth) => cloth !== -2).map((cloth) => clothKeys.value[cloth] ?? '')
  })

  /** Whether there was anything to dress. */
  function dressChosen(key: string): boolean {
    const from = chosenCloth.value ?? partCloths.value[0]
    if (from === undefined || !chosenPart.value) return false
    change(dressPart(design.value, chosenPart.value, from, key, chosenUnit.value))
    chosenCloth.value = key
    return true
  }
  function dressByNumber(number: number) {
    const cloth = design.value.cloths[number - 1]
    if (cloth) dressChosen(cloth.key)
  }
  function nextPatch() {
    const now = partCloths.value.indexOf(chosenCloth.value ?? '')
    if (partCloths.value.length) chosenCloth.value = partCloths.value[(now + 1) % partCloths.value.length]
  }
  function nextUnit() {
    const part = chosenPart.value
    if (!part || !picture.value) return
    const count = unitsAlong(picture.value, part)
    chosenUnit.value = (chosenUnit.value + 1) % count
    chosenCloth.value = keyOf(clothOfUnit(picture.value, part, chosenUnit.value))
    say(`Unit ${chosenUnit.value + 1} of ${count} along the ${part.where}.`)
  }
  /** Dresses the cloth under the pointer, at this place only. */
  function dressWith(partId: string, patch: number | undefined, cloth: string) {
    const part = parts.value.find((each) => each.id === partId)
    const shown = part && patch !== undefined ? clothAt(part, patch) : undefined
    if (!part || patch === undefined || shown === undefined) return
    change(dressPart(design.value, part, shown, cloth, unitOf(picture.value!, part, patch)))
    chosenCloth.value = cloth
  }

  const carrying = useCarriedCloth({ design, picture, clothAt, say, drags }, (partId, cloth) => {
    chosenId.value = partId
    chosenCloth.value = cloth
  })
  return { chosenCloth, partCloths, clothAt, dressChosen, dressByNumber, dressWith, nextPatch, nextUnit, ...carrying }
}

type CarriedOptions = Pick<DressingOptions, 'design' | 'picture' | 'say' | 'drags'> & {
  clothAt: (part: Schemas['TopPartView'], patch: number) => string | undefined
}

/** A cloth that is carried from the tray over the wall: what would come of letting go is shown all the while. */
function useCarriedCloth(
  { design, picture, clothAt, say, drags }: CarriedOptions,
  dressed: (partId: string, cloth: string) => void,
) {
  const carried = ref<string>()
  const nameOf = (key: string) => design.value.cloths.find((cloth) => cloth.key === key)?.name ?? 'what is not dressed'
  const allOf = (part: Schemas['TopPartView']) =>
    part.row >= 0 ? `wherever ${part.name} stands` : `in all of ${part.where.replace(/,.*/, '')}`

  /** What it is to dress the cloth under the pointer: at this place only, or in all of the block or border. */
  function dressing(partId: string, patch: number | undefined, cloth: string, whole: boolean) {
    const part = picture.value?.parts.find((each) => each.id === partId)
    const shown = part && patch !== undefined ? clothAt(part, patch) : undefined
    if (!part || patch === undefined || shown === undefined) return undefined
    return {
      what: whole ? `${nameOf(cloth)}, ${allOf(part)}` : `${nameOf(cloth)} for ${nameOf(shown)}, ${part.where}`,
      part: whole
        ? dressWhole(design.value, part, shown, cloth)
        : dressPart(design.value, part, shown, cloth, unitOf(picture.value!, part, patch)),
    }
  }
  function clothOver(partId: string | undefined, patch: number | undefined, whole: boolean) {
    const made = partId && carried.value ? dressing(partId, patch, carried.value, whole) : undefined
    if (made) drags.tryOut(made.what, made.part)
    else drags.left()
  }
  function clothDropped(partId: string, patch: number | undefined, cloth: string, whole: boolean) {
    const made = dressing(partId, patch, cloth, whole)
    carried.value = undefined
    if (!made) return drags.left()
    drags.keep(made.what, made.part)
    dressed(partId, cloth)
  }
  /** Taken up from the tray, or let go. */
  function carry(cloth: string | undefined) {
    if (carried.value && !cloth) drags.left()
    carried.value = cloth
    if (cloth) say(`${nameOf(cloth)}: let it go on a patch; with Shift, for all of the block or border.`)
  }
  return { carry, clothOver, clothDropped }
}
