import { FROM_BEFORE } from '@/offline/keeping'
import { noteAnswer } from './answering'
import { addressOf, type Answer, type Arguments, type Method, type PathOf } from './calls'
import type { components } from './schema'

export type Schemas = components['schemas']
export type Problem = Schemas['Problem']

/** A request that was refused: why, and the way out, as the server says it. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
  ) {
    super(problems.map((problem) => problem.why).join('; '))
  }
}

/** A file's content as it is, such as a photograph; its type is said where the file's name may not tell. */
export function sendFile<M extends 'PUT' | 'POST', P extends PathOf<M>>(
  method: M,
  path: P,
  given: { path?: Record<string, string> },
  file: File,
  type = file.type || 'application/octet-stream',
): Promise<Answer<M, P>> {
  return ask(method, addressOf(path, given), { 'Content-Type': type, ...keyFor(method, addressOf(path, given)) }, file)
}

/** One request to the server. Throws a {@link Refusal} for whatever goes wrong, an unreachable server included. */
export function call<M extends Method, P extends PathOf<M>>(
  method: M,
  path: P,
  ...[given]: Arguments<M, P>
): Promise<Answer<M, P>> {
  const address = addressOf(path, given as Parameters<typeof addressOf>[1])
  const body = (given as { body?: unknown } | undefined)?.body
  const typed: Record<string, string> = body === undefined ? {} : { 'Content-Type': 'application/json' }
  return ask(
    method,
    address,
    { ...typed, ...keyFor(method, address) },
    body === undefined ? undefined : JSON.stringify(body),
  )
}

/** Calls that ask only, and those that are the same sent twice or carry a name of their own: edits, taps, ticks. */
const withoutKey =
  /^\/api\/(yields|top|trial|tally|plan|shelf\/read|searches)\b|\/(differences|first-unit|searches|photo|log)$|\/cut\/steps\/|^\/api\/ideas$|^\/api\/quilts\/[^/]+(\/(undo|redo|steps\/\d+\/.*))?$/

/** A key of its own for each call that changes something: sent again, since its answer was lost, it is made once. */
function keyFor(method: string, path: string): Record<string, string> {
  return method === 'GET' || withoutKey.test(path.replace(/\?.*/, '')) ? {} : { 'Idempotency-Key': crypto.randomUUID() }
}

/** How long to wait before a call with a key is sent again. */
const pauses = [300, 1500]

/** An answer, or nothing where none came; what carries a key is sent again first. */
async function answerTo(
  path: string,
  request: RequestInit & { headers: Record<string, string> },
): Promise<Response | undefined> {
  for (const pause of 'Idempotency-Key' in request.headers ? [...pauses, undefined] : [undefined]) {
    try {
      const response = await fetch(path, request)
      noteAnswer(!response.headers.has(FROM_BEFORE))
      return response
    } catch {
      noteAnswer(false)
      if (pause !== undefined) await new Promise((resolve) => setTimeout(resolve, pause))
    }
  }
}

async function ask<T>(
  method: string,
  path: string,
  headers: Record<string, string>,
  body: BodyInit | undefined,
): Promise<T> {
  const response = await answerTo(path, { method, headers, body })
  if (!response) {
    throw new Refusal(0, [
      {
        where: 'Golden Tally',
        why: 'it does not answer just now. What you typed is still here',
        fix: 'see that it is started, then try once more',
      },
    ])
  }
  if (response.status === 204) return undefined as T
  const answer = await response.json().catch(() => undefined)
  if (!response.ok) {
    throw new Refusal(
      response.status,
      answer?.problems ?? [{ where: 'Golden Tally', why: `it answered with ${response.status}`, fix: 'try once more' }],
    )
  }
  return answer as T
}

/** The problems in anything thrown. */
export function problemsOf(error: unknown): Problem[] {
  if (error instanceof Refusal) return error.problems
  return [{ where: 'This page', why: String(error), fix: 'reload the page. What is saved is safe' }]
}
