import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type ShelfBlock = Schemas['ShelfBlockView']

/** Traditional blocks that have the words in their name, grid or units. */
export function useTraditionalBlocks(words: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: computed(() => ['blocks', 'traditional', toValue(words).trim()]),
    queryFn: () => call('GET', '/api/blocks', { query: { find: toValue(words).trim().slice(0, 100) } }),
    staleTime: Infinity,
    placeholderData: (before) => before,
  })
}

/** Blocks that the quilter keeps for any quilt. */
export const ownBlocksKey = ['blocks', 'own']
export function useOwnBlocks() {
  return useQuery({ queryKey: ownBlocksKey, queryFn: () => call('GET', '/api/blocks/own') })
}

/** Own blocks that were forgotten and can still be brought back. */
export function useForgottenBlocks() {
  return useQuery({ queryKey: [...ownBlocksKey, 'forgotten'], queryFn: () => call('GET', '/api/blocks/own/forgotten') })
}

/** The units that a block is built of. */
export function useTrayUnits() {
  return useQuery({
    queryKey: ['blocks', 'units'],
    queryFn: () => call('GET', '/api/blocks/units'),
    staleTime: Infinity,
  })
}

export function useUsualSizes(system: MaybeRefOrGetter<'INCH' | 'CENTIMETRE'>) {
  return useQuery({
    queryKey: computed(() => ['usual-sizes', toValue(system)]),
    queryFn: () => call('GET', '/api/top/usual-sizes', { query: { system: toValue(system) } }),
    staleTime: Infinity,
  })
}
