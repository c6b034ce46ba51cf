const FIRST_MS = 1000
const LONGEST_MS = 30_000

/**
 * Tries again after a pause that doubles each time, from a second to half a minute, and at once when the browser says
 * that there is a network again.
 */
export class GrowingPause {
  private pauseMs = FIRST_MS
  private timer: ReturnType<typeof setTimeout> | undefined
  private readonly onOnline = () => this.now()
  private next: (() => void) | undefined

  /** Tries later; an earlier plan to try is forgotten. */
  later(attempt: () => void) {
    this.stop()
    this.next = attempt
    this.timer = setTimeout(() => this.now(), this.pauseMs)
    this.pauseMs = Math.min(LONGEST_MS, this.pauseMs * 2)
    window.addEventListener('online', this.onOnline)
  }

  /** Tries what is planned, now. */
  now() {
    const attempt = this.next
    this.stop()
    attempt?.()
  }

  /** It went well: the next pause is short again. */
  reset() {
    this.stop()
    this.pauseMs = FIRST_MS
  }

  stop() {
    clearTimeout(this.timer)
    this.timer = undefined
    this.next = undefined
    window.removeEventListener('online', this.onOnline)
  }
}
