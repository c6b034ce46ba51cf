import { noteAnswer } from './answering'
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
export function sendFile<T = undefined>(method: 'PUT' | 'POST', path: string, file: File, type = file.type || 'application/octet-stream'): Promise<T> {
  return ask(method, path, { 'Content-Type': type }, file)
}

/** One request to the server. Throws a {@link Refusal} for whatever goes wrong, an unreachable server included. */
export function call<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T> {
  const typed: Record<string, string> = body === undefined ? {} : { 'Content-Type': 'application/json' }
  return ask(method, path, typed, body === undefined ? undefined : JSON.stringify(body))
}

async function ask<T>(method: string, path: string, headers: Record<string, string>, body: BodyInit | undefined): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, { method, headers, body })
    noteAnswer(true)
  } catch {
    noteAnswer(false)
    throw new Refusal(0, [
      {
        where: 'Golden Tally',
        why: 'it does not answer just now; what you typed is still here',
        fix: 'see that it is started; it is tried again by itself',
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
  return [{ where: 'This page', why: String(error), fix: 'reload the page; what is saved is safe' }]
}
