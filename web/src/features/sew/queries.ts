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
export function useBatches(quiltId: MaybeRefOrGetter<string | undefined>, time?: MaybeRefOrGetter<Time>, wanted: MaybeRefOrGetter<boolean> = true) {
  const asked = computed(() => {
    const { hoursAWeek, by } = time ? toValue(time) : { hoursAWeek: '', by: '' }
    const hours = Number(hoursAWeek.replace(',', '.'))
    return `${hours > 0 && hours <= 168 ? `hoursAWeek=${hours}` : ''}${by ? `&by=${by}` : ''}`
  })
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'sew', 'batches', asked.value]),
    queryFn: () => call<Schemas['SewView']>('GET', `/api/quilts/${toValue(quiltId)}/sew?${asked.value}`),
    enabled: computed(() => !!toValue(quiltId) && toValue(wanted)),
    placeholderData: (before, query) => (query?.queryKey[1] === toValue(quiltId) ? before : undefined),
    retry: false,
  })
}

/** The card of one batch. */
export function useCard(quiltId: MaybeRefOrGetter<string>, batch: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'sew', 'card', toValue(batch)]),
    queryFn: () => call<Card>('GET', `/api/quilts/${toValue(quiltId)}/sew/card?batch=${encodeURIComponent(toValue(batch)!)}`),
    enabled: computed(() => !!toValue(batch)),
    retry: false,
  })
}
