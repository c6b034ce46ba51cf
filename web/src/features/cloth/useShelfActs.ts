import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Schemas } from '@/api/client'

const KEY = ['shelf', 'acts']

/** What was done to the shelf, and taking it back. */
export function useShelfActs() {
  const client = useQueryClient()
  const { data } = useQuery({ queryKey: KEY, queryFn: () => call('GET', '/api/shelf/acts') })

  async function change(made: Promise<Schemas['Acts']>) {
    client.setQueryData(KEY, await made)
    await Promise.all([askAnew(client, ['shelf']), askAnew(client, ['quilt'])])
  }

  return {
    undoes: computed(() => data.value?.undoes ?? ''),
    redoes: computed(() => data.value?.redoes ?? ''),
    acts: computed(() => data.value?.acts ?? []),
    undo: () => change(call('POST', '/api/shelf/undo')),
    redo: () => change(call('POST', '/api/shelf/redo')),
    goBackTo: (act: number) => change(call('POST', '/api/shelf/acts/{act}/go-back-to', { path: { act } })),
    takeOut: (act: number) => change(call('POST', '/api/shelf/acts/{act}/take-out', { path: { act } })),
  }
}
