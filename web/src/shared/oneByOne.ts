/**
 * Questions that are worth asking but not worth waiting for: one after the other, so that whatever else is asked goes
 * between them. One whose asker has gone is not asked any more.
 */
export class OneByOne {
  private last: Promise<unknown> = Promise.resolve()

  ask<T>(question: () => Promise<T>, signal: AbortSignal): Promise<T> {
    const answer = this.last.then(() => {
      signal.throwIfAborted()
      return question()
    })
    this.last = answer.catch(() => undefined)
    return answer
  }
}
