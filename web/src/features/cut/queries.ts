import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type PieceSheet = Schemas['PieceSheet']

/** The cutting sheets of a quilt, with what is ticked off; asked for only while `wanted`. */
export function useCutSheets(quiltId: MaybeRefOrGetter<string | undefined>, wanted: MaybeRefOrGetter<boolean> = true) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'cut']),
    queryFn: () => call('GET', '/api/quilts/{id}/cut', { path: { id: toValue(quiltId)! } }),
    enabled: computed(() => !!toValue(quiltId) && toValue(wanted)),
    retry: false,
  })
}
