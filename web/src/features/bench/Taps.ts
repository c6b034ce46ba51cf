import { computed, shallowRef } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'
import { GrowingPause } from '@/shared/GrowingPause'
import { kept } from '@/shared/kept'
import { newId } from '@/shared/newId'

export type Entry = Schemas['Written']

/** A tap at the bench: an entry of the log, or a cutting step that is ticked or not. */
export type Tap = { kind: 'log'; id: string; entry: Entry } | { kind: 'tick'; id: string; step: string; done: boolean }

const PREFIX = 'golden-tally.taps.'

/** Quilts of which this browser holds taps that are not kept yet. */
export const quiltsWithTaps = () => kept.keysAfter(PREFIX)

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
    this.tapsRef.value = kept.read<Tap[]>(PREFIX + quiltId) ?? []
    if (this.tapsRef.value.length) void this.send()
  }

  write(entry: Omit<Entry, 'id'>) {
    const id = newId()
    this.add({ kind: 'log', id, entry: { ...entry, id } })
  }

  tick(step: string, done: boolean) {
    this.add({ kind: 'tick', id: newId(), step, done })
  }

  private add(tap: Tap) {
    this.set([...this.tapsRef.value, tap])
    void this.send()
  }

  private set(taps: Tap[]) {
    this.tapsRef.value = taps
    const unsent = this.unsent()
    if (unsent.length) kept.write(PREFIX + this.quiltId, unsent)
    else kept.remove(PREFIX + this.quiltId)
  }

  private unsent() {
    return this.tapsRef.value.filter((tap) => !this.settling.has(tap.id))
  }

  /** A kept tap goes once the pages have been drawn anew; one that is refused goes at once. */
  private async settle(tap: Tap, answer: unknown) {
    await this.whenKept(tap, answer)
    setTimeout(() => {
      this.settling.delete(tap.id)
      this.set(this.tapsRef.value.filter((each) => each.id !== tap.id))
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
      if (this.problemsRef.value.length) {
        const refused = next.id
        this.set(this.tapsRef.value.filter((tap) => tap.id !== refused))
        void this.whenKept(next, undefined)
      } else {
        this.settling.add(next.id)
        this.set(this.tapsRef.value)
        void this.settle(next, answer)
      }
    }
    this.sending = false
  }

  private deliver(tap: Tap): Promise<unknown> {
    const id = this.quiltId
    return tap.kind === 'log'
      ? call('POST', '/api/quilts/{id}/sew/log', { path: { id }, body: tap.entry })
      : call(tap.done ? 'PUT' : 'DELETE', '/api/quilts/{id}/cut/steps/{step}', { path: { id, step: tap.step } })
  }
}
