import { useQuery } from '@tanstack/vue-query'
import { call } from '@/api/client'

/** All cloths on the shelf with their pieces. */
export function useShelf() {
  return useQuery({ queryKey: ['shelf'], queryFn: () => call('GET', '/api/shelf') })
}
