import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { useShelf } from '@/features/cloth'
import type { QuiltDesign } from '@/features/quilts'

/** Stands for a cloth that is not chosen yet. */
const NOT_CHOSEN = { A: '#9aa3a0', B: '#f7f7f4' }

/** The colour of each part of the block, by the cloths that the design names. */
export function useClothColours(design: MaybeRefOrGetter<QuiltDesign | undefined>) {
  const { data: shelf } = useShelf()
  return computed(() => {
    const cloths = toValue(design)?.cloths
    const colour = (id: string | null | undefined) => shelf.value?.find((cloth) => cloth.id === id)?.colour
    return { A: colour(cloths?.print) ?? NOT_CHOSEN.A, B: colour(cloths?.background) ?? NOT_CHOSEN.B }
  })
}
