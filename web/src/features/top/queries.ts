import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type ShelfBlock = Schemas['ShelfBlockView']

/** Traditional blocks that have the words in their name, grid or units. */
export function useTraditionalBlocks(words: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: computed(() => ['blocks', 'traditional', toValue(words).trim()]),
    queryFn: () => call<ShelfBlock[]>('GET', `/api/blocks?find=${encodeURIComponent(toValue(words).trim().slice(0, 100))}`),
    staleTime: Infinity,
    placeholderData: (before) => before,
  })
}

/** Blocks that the quilter keeps for any quilt. */
export const ownBlocksKey = ['blocks', 'own']
export function useOwnBlocks() {
  return useQuery({ queryKey: ownBlocksKey, queryFn: () => call<ShelfBlock[]>('GET', '/api/blocks/own') })
}

/** Own blocks that were forgotten and can still be brought back. */
export function useForgottenBlocks() {
  return useQuery({ queryKey: [...ownBlocksKey, 'forgotten'], queryFn: () => call<ShelfBlock[]>('GET', '/api/blocks/own/forgotten') })
}

/** The units that a block is built of. */
export function useTrayUnits() {
  return useQuery({ queryKey: ['blocks', 'units'], queryFn: () => call<Schemas['TrayUnit'][]>('GET', '/api/blocks/units'), staleTime: Infinity })
}

export function useUsualSizes(system: MaybeRefOrGetter<'INCH' | 'CENTIMETRE'>) {
  return useQuery({
    queryKey: computed(() => ['usual-sizes', toValue(system)]),
    queryFn: () => call<Schemas['UsualSizeView'][]>('GET', `/api/top/usual-sizes?system=${toValue(system)}`),
    staleTime: Infinity,
  })
}
