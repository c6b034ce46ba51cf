import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call } from '@/api/client'

/** The steps of a quilt's design by name, newest first; asked for only while `wanted`. */
export function useSteps(quiltId: MaybeRefOrGetter<string | undefined>, wanted: MaybeRefOrGetter<boolean>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'steps']),
    queryFn: () => call('GET', '/api/quilts/{id}/steps', { path: { id: toValue(quiltId)! } }),
    enabled: computed(() => !!toValue(quiltId) && toValue(wanted)),
  })
}
