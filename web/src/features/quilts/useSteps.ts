import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

/** The steps of a quilt's design by name, newest first; asked for only while `wanted`. */
export function useSteps(quiltId: MaybeRefOrGetter<string | undefined>, wanted: MaybeRefOrGetter<boolean>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'steps']),
    queryFn: () => call<Schemas['NamedStep'][]>('GET', `/api/quilts/${toValue(quiltId)}/steps`),
    enabled: computed(() => !!toValue(quiltId) && toValue(wanted)),
  })
}
