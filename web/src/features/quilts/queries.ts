import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { call } from '@/api/client'
import { OneByOne } from '@/shared'

export const quiltListQuery = { queryKey: ['quilts'], queryFn: () => call('GET', '/api/quilts') }

/** Quilts that were deleted and can be brought back. */
export const deletedQuiltsQuery = { queryKey: ['quilts', 'deleted'], queryFn: () => call('GET', '/api/quilts/deleted') }

const glances = new OneByOne()

/** What a list shows of a quilt; many are asked for, so they stand in one line and leave the others their way. */
export const glanceQuery = (id: string, version: number) => ({
  queryKey: ['quilt', id, 'glance', version],
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    glances.ask(() => call('GET', '/api/quilts/{id}/glance', { path: { id } }), signal),
  retry: false,
})

/** The top of a quilt as the server draws and measures it. */
export function useTop(quiltId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: computed(() => ['quilt', toValue(quiltId), 'top']),
    queryFn: () => call('GET', '/api/quilts/{id}/top', { path: { id: toValue(quiltId)! } }),
    enabled: computed(() => !!toValue(quiltId)),
    placeholderData: (before) => before,
    retry: false,
  })
}
