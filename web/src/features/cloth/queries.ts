import { type QueryClient, useQuery } from '@tanstack/vue-query'
import { call, type Schemas } from '@/api/client'

type Cloth = Schemas['ShelfClothView']

const KEY = ['shelf']

/** All cloths on the shelf with their pieces. */
export function useShelf() {
  return useQuery({ queryKey: KEY, queryFn: () => call('GET', '/api/shelf') })
}

/** Shows cloths that a line was put down of at once, before the whole shelf has come anew. */
export function showOnShelf(client: QueryClient, cloths: readonly Cloth[]) {
  client.setQueryData<Cloth[]>(KEY, (shelf) => shelf && withCloths(shelf, cloths))
}

/** A cloth that is there stays where it is, new ones are the last. */
export function withCloths(shelf: readonly Cloth[], cloths: readonly Cloth[]): Cloth[] {
  const now = new Map(cloths.map((cloth) => [cloth.id, cloth]))
  const known = new Set(shelf.map((cloth) => cloth.id))
  return [...shelf.map((cloth) => now.get(cloth.id) ?? cloth), ...cloths.filter((cloth) => !known.has(cloth.id))]
}
