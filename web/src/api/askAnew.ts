import type { QueryClient, QueryKey } from '@tanstack/vue-query'

/**
 * After a change: whatever a page shows under the key is asked for anew. A question that is on its way was asked before
 * the change; where there is no answer yet the library would take the old one for the new, so it is dropped first.
 */
export async function askAnew(client: QueryClient | undefined, queryKey: QueryKey = []) {
  await client?.cancelQueries({ queryKey, predicate: (query) => query.state.data === undefined })
  // eslint-disable-next-line no-restricted-syntax
  await client?.invalidateQueries({ queryKey })
}
