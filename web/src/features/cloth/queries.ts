import { useQuery } from '@tanstack/vue-query'
import { call, type Schemas } from '@/api/client'

/** All cloths on the shelf with their pieces. */
export function useShelf() {
  return useQuery({ queryKey: ['shelf'], queryFn: () => call<Schemas['ShelfClothView'][]>('GET', '/api/shelf') })
}
