import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type PieceSheet = Schemas['PieceSheet']

/** The cutting sheets of a quilt, with what is ticked off. */
export function useCutSheets(quiltId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'cut']),
    queryFn: () => call<Schemas['CutView']>('GET', `/api/quilts/${toValue(quiltId)}/cut`),
    enabled: computed(() => !!toValue(quiltId)),
    placeholderData: (before) => before,
    retry: false,
  })
}
