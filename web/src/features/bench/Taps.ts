import { computed, shallowRef } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'
import { GrowingPause } from '@/shared/GrowingPause'
import { kept } from '@/shared/kept'
import { newId } from '@/shared/newId'

/** An entry of the log; where it does not say how often, it is once. */
export type Entry = Omit<Schemas['Written'], 'times' | 'spoiled' | 'agoMillis'> &
  Partial<Pick<Schemas['Written'], 'times' | 'spoiled'>>

/** A tap at the bench: an entry of the log, or a cutting step that is ticked or not. */
export type Tap =
  /** With the time at which it was tapped, by the clock here; taps that an earlier version kept have none. */
  { kind: 'log'; id: string; entry: Entry; at?: number } | { kind: 'tick'; id: string; step: string; done: boolean }

/** As long as the server takes them. */
const LONGEST_WAIT_MILLIS = 7_776_000_000

const PREFIX = 'golden-tally.taps.'

/** Quilts of which this browser holds taps that are not kept yet. */
export const quiltsWithTaps = () => [...new Set(kept.keysAfter(PREFIX).map((key) => key.split(' ')[0]!))]

/**
 * Each tap waits under a key of its own, so that two pages of one quilt do not write over each other. Keys sort in the order
 * of the taps, whatever the clock does: each has a number that is higher than those that wait.
 */
function keyOf(quiltId: string, tap: Tap): string {
  const waiting = kept.keysAfter(`${PREFIX}${quiltId} `).map((end) => parseInt(end))
  return `${PREFIX}${quiltId} ${String(1 + Math.max(0, ...waiting)).padStart(9, '0')} ${tap.id}`
}

/** What waits of a quilt, in order. Earlier all of it stood under one key. */
function waitingOf(quiltId: string): Map<string, Tap> {
  const before = kept.read<Tap[]>(PREFIX + quiltId) ?? []
  before.forEach((tap) => kept.write(keyOf(quiltId, tap), tap))
  kept.remove(PREFIX + quiltId)
  const keys = kept.keysAfter(`${PREFIX}${quiltId} `).map((end) => `${PREFIX}${quiltId} ${end}`)
  const found = new Map<string, Tap>()
  for (const key of keys.sort()) {
    const tap = kept.read<Tap>(key)
    if (tap) found.set(key, tap)
  }
  return found
}

/**
 * The taps of one quilt on their way to the server. They are sent in order; what cannot be sent waits in this browser,
 * outlives a reload, and is sent again under the same name, from whichever page is open. One that is kept is shown until
 * the pages have the answer that holds it, so that no count jumps back in between.
 */
export class Taps {
  private readonly tapsRef = shallowRef<Tap[]>([])
  private readonly problemsRef = shallowRef<Problem[]>([])
  private readonly troubleRef = shallowRef(false)
  private readonly pause = new GrowingPause()
  private readonly settling = new Set<string>()
  /** Under which key each tap waits in this browser. */
  private readonly keys = new Map<string, string>()
  private sending = false

  /** What the pages count beside what the server said. */
  readonly waiting = computed(() => this.tapsRef.value)
  readonly problems = computed(() => this.problemsRef.value)
  /** Whether the last attempt had no answer, so that what waits is not only on its way. */
  readonly stuck = computed(() => this.troubleRef.value)

  constructor(
    readonly quiltId: string,
    /** Done once the pages show what the server has. */
    private readonly whenKept: (tap: Tap, answer: unknown) => void | Promise<void> = () => {},
  ) {
    const waiting = waitingOf(quiltId)
    waiting.forEach((tap, key) => this.keys.set(tap.id, key))
    this.tapsRef.value = [...waiting.values()]
    if (this.tapsRef.value.length) void this.send()
  }

  write(entry: Omit<Entry, 'id'>) {
    const id = newId()
    this.add({ kind: 'log', id, entry: { ...entry, id }, at: Date.now() })
  }

  tick(step: string, done: boolean) {
    this.add({ kind: 'tick', id: newId(), step, done })
  }

  private add(tap: Tap) {
    const key = keyOf(this.quiltId, tap)
    kept.write(key, tap)
    this.keys.set(tap.id, key)
    this.tapsRef.value = [...this.tapsRef.value, tap]
    void this.send()
  }

  /** It is kept, or refused for good: this browser need not hold it any more. */
  private letGo(tap: Tap) {
    kept.remove(this.keys.get(tap.id) ?? '')
    this.keys.delete(tap.id)
  }

  private noLongerShown(tap: Tap) {
    this.tapsRef.value = this.tapsRef.value.filter((each) => each.id !== tap.id)
  }

  private unsent() {
    return this.tapsRef.value.filter((tap) => !this.settling.has(tap.id))
  }

  /** A kept tap goes once the pages have been drawn anew; one that is refused goes at once. */
  private async settle(tap: Tap, answer: unknown) {
    await this.whenKept(tap, answer)
    setTimeout(() => {
      this.settling.delete(tap.id)
      this.noLongerShown(tap)
    })
  }

  private async send() {
    if (this.sending) return
    this.sending = true
    this.pause.stop()
    for (let next = this.unsent()[0]; next; next = this.unsent()[0]) {
      let answer: unknown
      try {
        answer = await this.deliver(next)
        this.problemsRef.value = []
        this.troubleRef.value = false
        this.pause.reset()
      } catch (error) {
        const refused = error instanceof Refusal && error.status >= 400 && error.status < 500
        this.problemsRef.value = refused ? problemsOf(error) : []
        if (!refused) {
          this.troubleRef.value = true
          this.pause.later(() => void this.send())
          break
        }
      }
      this.letGo(next)
      if (this.problemsRef.value.length) {
        this.noLongerShown(next)
        void this.whenKept(next, undefined)
      } else {
        this.settling.add(next.id)
        void this.settle(next, answer)
      }
    }
    this.sending = false
  }

  private deliver(tap: Tap): Promise<unknown> {
    const id = this.quiltId
    if (tap.kind === 'log') {
      const agoMillis = Math.min(LONGEST_WAIT_MILLIS, Math.max(0, Date.now() - (tap.at ?? Date.now())))
      return call('POST', '/api/quilts/{id}/sew/log', {
        path: { id },
        body: { times: 1, spoiled: 0, ...tap.entry, agoMillis },
      })
    }
    return call(tap.done ? 'PUT' : 'DELETE', '/api/quilts/{id}/cut/steps/{step}', { path: { id, step: tap.step } })
  }
}
