import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type Method = Schemas['MethodView']

/** The tally of a quilt: every method side by side, and what each allowance costs. */
export function useTally(quiltId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'tally']),
    queryFn: () => call<Schemas['TallyView']>('GET', `/api/quilts/${toValue(quiltId)}/tally`),
    enabled: computed(() => !!toValue(quiltId)),
    placeholderData: (before) => before,
  })
}
