import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { paintOf } from '@/features/prints'
import type { QuiltDesign } from '@/features/quilts'

/** What the patches of each cloth of the quilt are filled with, in order: its colour, or its print. */
export function useClothPaints(design: MaybeRefOrGetter<QuiltDesign | undefined>) {
  return computed(() => toValue(design)?.cloths.map((cloth) => paintOf(cloth.colour, cloth.print)) ?? [])
}

/** The colour of each cloth of the quilt, in order. */
export function useClothColours(design: MaybeRefOrGetter<QuiltDesign | undefined>) {
  return computed(() => toValue(design)?.cloths.map((cloth) => cloth.colour) ?? [])
}
