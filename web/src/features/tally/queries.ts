import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type Group = Schemas['GroupView']
export type Way = Schemas['WayView']
export type Ledger = Schemas['LedgerView']

/** The tally of a quilt: each group of units with the ways to make it, and each cloth's account. */
export function useTally(quiltId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'tally']),
    queryFn: () => call('GET', '/api/quilts/{id}/tally', { path: { id: toValue(quiltId)! } }),
    enabled: computed(() => !!toValue(quiltId)),
    placeholderData: (before) => before,
    retry: false,
  })
}

const POLLED_EVERY_MS = 400

/** The best plans of a quilt, or how far the search for them is: of a large top it goes on for some seconds. */
export function usePlans(quiltId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'plans']),
    queryFn: () => call('GET', '/api/quilts/{id}/plans', { path: { id: toValue(quiltId)! } }),
    enabled: computed(() => !!toValue(quiltId)),
    placeholderData: (before) => before,
    retry: false,
    refetchInterval: (query) => (query.state.data && !query.state.data.answer ? POLLED_EVERY_MS : false),
  })
}
