import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call, type Schemas } from '@/api/client'

export type Batch = Schemas['BatchView']
export type Card = Schemas['CardView']

/** What the quilter says of the time there is. */
export interface Time {
  hoursAWeek: string
  by: string
}

/** All batches of a quilt as they stand; asked for only while `wanted`. */
export function useBatches(
  quiltId: MaybeRefOrGetter<string | undefined>,
  time?: MaybeRefOrGetter<Time>,
  wanted: MaybeRefOrGetter<boolean> = true,
) {
  const asked = computed(() => {
    const { hoursAWeek, by } = time ? toValue(time) : { hoursAWeek: '', by: '' }
    const hours = Number(hoursAWeek.replace(',', '.'))
    return { hoursAWeek: hours > 0 && hours <= 168 ? hours : undefined, by: by || undefined }
  })
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'sew', 'batches', asked.value]),
    queryFn: () => call('GET', '/api/quilts/{id}/sew', { path: { id: toValue(quiltId)! }, query: asked.value }),
    enabled: computed(() => !!toValue(quiltId) && toValue(wanted)),
    placeholderData: (before, query) => (query?.queryKey[1] === toValue(quiltId) ? before : undefined),
    retry: false,
  })
}

/** The card of one batch. */
export function useCard(quiltId: MaybeRefOrGetter<string>, batch: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'sew', 'card', toValue(batch)]),
    queryFn: () =>
      call('GET', '/api/quilts/{id}/sew/card', { path: { id: toValue(quiltId)! }, query: { batch: toValue(batch)! } }),
    enabled: computed(() => !!toValue(batch)),
    retry: false,
  })
}
