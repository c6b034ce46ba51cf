import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import type { QuiltDesign } from '@/features/quilts'

/** The colour of each cloth of the quilt, in order. */
export function useClothColours(design: MaybeRefOrGetter<QuiltDesign | undefined>) {
  return computed(() => toValue(design)?.cloths.map((cloth) => cloth.colour) ?? [])
}
