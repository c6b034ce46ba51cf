import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { call, type Schemas } from '@/api/client'

const KEY = ['shelf', 'acts']

/** What was done to the shelf, and taking it back. */
export function useShelfActs() {
  const client = useQueryClient()
  const { data } = useQuery({ queryKey: KEY, queryFn: () => call<Schemas['Acts']>('GET', '/api/shelf/acts') })

  async function change(path: string) {
    client.setQueryData(KEY, await call<Schemas['Acts']>('POST', `/api/shelf/${path}`))
    await Promise.all([client.invalidateQueries({ queryKey: ['shelf'] }), client.invalidateQueries({ queryKey: ['quilt'] })])
  }

  return {
    undoes: computed(() => data.value?.undoes ?? ''),
    redoes: computed(() => data.value?.redoes ?? ''),
    acts: computed(() => data.value?.acts ?? []),
    undo: () => change('undo'),
    redo: () => change('redo'),
    goBackTo: (act: number) => change(`acts/${act}/go-back-to`),
    takeOut: (act: number) => change(`acts/${act}/take-out`),
  }
}
