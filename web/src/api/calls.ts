import type { paths } from './schema'

/** The calls that there are, by the description that the server gives of itself: a path, what it is given, what it answers. */
export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE'

type Operation<M extends Method, P extends keyof paths> = paths[P][Lowercase<M>]

/** The paths that can be called so. */
export type PathOf<M extends Method> = {
  [P in keyof paths]: Operation<M, P> extends { responses: unknown } ? P : never
}[keyof paths]

type PathPart<O> = O extends { parameters: { path: infer V extends object } } ? { path: V } : { path?: never }
type QueryPart<O> = O extends { parameters: { query: infer V extends object } }
  ? { query: V }
  : O extends { parameters: { query?: infer V } }
    ? { query?: V }
    : { query?: never }
type BodyPart<O> = O extends { requestBody: { content: { 'application/json': infer V } } }
  ? { body: V }
  : { body?: never }

/** What a call is given: the parts of its path, what stands behind the question mark, its body. */
export type Given<M extends Method, P extends PathOf<M>> = PathPart<Operation<M, P>> &
  QueryPart<Operation<M, P>> &
  BodyPart<Operation<M, P>>

/** Nothing has to be said where nothing is wanted. */
export type Arguments<M extends Method, P extends PathOf<M>> =
  Record<never, never> extends Given<M, P> ? [given?: Given<M, P>] : [given: Given<M, P>]

type Content<R> = R extends { content: infer C } ? C[keyof C] : undefined
type Good<R> = { [S in keyof R]: S extends 200 | 201 ? Content<R[S]> : never }[keyof R]

/** What comes back. */
export type Answer<M extends Method, P extends PathOf<M>> =
  Operation<M, P> extends { responses: infer R } ? ([Good<R>] extends [never] ? undefined : Good<R>) : never

/** The address of a call: `/api/quilts/{id}/top` with its id, and what stands behind the question mark. */
export function addressOf(
  path: string,
  given: { path?: Record<string, string | number>; query?: Record<string, unknown> } = {},
): string {
  const address = path.replace(/\{(\w+)\}/g, (_, name: string) => encodeURIComponent(String(given.path?.[name] ?? '')))
  const query = new URLSearchParams()
  for (const [name, value] of Object.entries(given.query ?? {})) {
    if (value !== undefined && value !== null) query.set(name, String(value))
  }
  return query.size ? `${address}?${query}` : address
}
