import { computed, readonly, ref, shallowRef } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'
import { GrowingPause } from '@/shared/GrowingPause'
import { newId } from '@/shared/newId'
import { BrowserDrafts, BrowserTabs, type Draft, type DraftStore, type Tabs, type Waiting } from './drafts'

export type QuiltDesign = Schemas['QuiltDesign']
export type StoredQuilt = Schemas['StoredQuilt']

/** How the design on the screen stands to the one that is kept. */
export type SaveState = 'kept' | 'keeping' | 'refused' | 'conflict' | 'unreachable'

/** Typing pauses this long before it is sent. */
const TYPING_PAUSE_MS = 250
/** While nobody answers, more changes than this go as one step. */
const MOST_WAITING = 200

/** A tab that is reloaded is gone for a moment; its queue is its own when it is back. */
const GONE_MS = 4000
const SOON_MS = 200

/** The drafts and the tabs of this browser. */
export const browser = { drafts: new BrowserDrafts() as DraftStore, tabs: new BrowserTabs() as Tabs }

/**
 * A quilt that is open, or was and still has changes to be kept: its design as on the screen, changed at once and kept a
 * moment later, step by step. Each quilt has its own queue, version and timers, so that nothing of one gets into another;
 * so has each tab, and what waits in a tab that was closed is taken over once nothing of its own waits here.
 */
export class OpenQuilt {
  private readonly nameRef = ref('')
  private readonly versionRef = ref(0)
  private readonly designRef = shallowRef<QuiltDesign>()
  private readonly stateRef = ref<SaveState>('kept')
  private readonly problemsRef = shallowRef<Problem[]>([])
  private readonly troubleRef = ref('')
  private readonly undoesRef = ref('')
  private readonly redoesRef = ref('')
  private readonly waitingRef = shallowRef<Waiting[]>([])
  private readonly storedRef = ref(true)
  /** Writing down what waits, one after the other. */
  private writing: Promise<void> = Promise.resolve()
  private takingOver = false
  /** Since when tabs with something waiting have been seen to be gone. */
  private readonly goneSince = new Map<string, number>()
  private looksForReloaded = 50
  /** While it is fetched, or will look again. */
  private busy = 0
  /** Whether anything stands under its key that it wrote itself. */
  private wrote = false
  private readonly pause = new GrowingPause()
  private typing: ReturnType<typeof setTimeout> | undefined
  private sending: Promise<void> | undefined
  /** Changes that the server makes, one after the other. */
  private serverChanges: Promise<void> = Promise.resolve()
  /** What is changed on the screen while the server makes a change; it is made once more on what comes back. */
  private meanwhile: { part: Partial<QuiltDesign>; name?: string } | undefined

  readonly name = readonly(this.nameRef)
  readonly design = computed(() => this.designRef.value)
  readonly saveState = readonly(this.stateRef)
  readonly problems = computed(() => this.problemsRef.value)
  /** Why nothing can be kept, in its own words, where it answers that; empty where it does not answer at all. */
  readonly trouble = computed(() => this.troubleRef.value)
  /** What undo takes back, in words; empty where there is nothing. */
  readonly undoes = readonly(this.undoesRef)
  readonly redoes = readonly(this.redoesRef)
  readonly waiting = computed(() => this.waitingRef.value.length)
  /** Whether what waits outlives this page; a browser may have no room, or forbid it. */
  readonly stored = readonly(this.storedRef)

  constructor(
    readonly id: string,
    private readonly whenKept: (quilt: OpenQuilt) => void = () => {},
    private readonly drafts: DraftStore = browser.drafts,
    private readonly tabs: Tabs = browser.tabs,
  ) {}

  /** Fetches it, and goes on with what was not kept when the browser, or another tab, was closed. */
  async load() {
    if (this.designRef.value) return
    this.busy++
    try {
      const stored = await call('GET', '/api/quilts/{id}', { path: { id: this.id } })
      if (this.designRef.value) return
      this.take(stored)
      await this.takeOver(0)
    } finally {
      this.busy--
    }
  }

  /** Looks again for what waits in tabs that are gone; it is not done with before that. */
  private lookAgain(afterMs: number) {
    this.busy++
    setTimeout(() => {
      this.busy--
      void this.takeOver()
    }, afterMs)
  }

  /** What waits in a tab that has been gone for so long, where nothing waits here; one that is reloaded is back at once. */
  async takeOver(goneForMs = GONE_MS) {
    if (this.takingOver || !this.isFree()) return
    this.takingOver = true
    try {
      for (const [tab, draft] of await this.drafts.of(this.id)) {
        if (!draft.waiting?.length || !(await this.isGone(tab, goneForMs))) continue
        const taken = await this.tabs.alone(`over ${this.id}`, () => this.takeFrom(tab))
        if (taken) break
      }
    } finally {
      this.takingOver = false
    }
    if (this.waitingRef.value.length) await this.send()
  }

  /** Whether a tab has been gone for so long; one that has just gone is looked for again. */
  private async isGone(tab: string, forMs: number): Promise<boolean> {
    const reloaded = tab === this.tabs.before
    if (await this.tabs.isOpen(tab)) {
      this.goneSince.delete(tab)
      // A page that is reloaded lets its lock go only a moment later.
      if (reloaded && this.looksForReloaded-- > 0) this.lookAgain(SOON_MS)
      return false
    }
    const since = this.goneSince.get(tab) ?? Date.now()
    this.goneSince.set(tab, since)
    const gone = reloaded || Date.now() - since >= forMs
    if (!gone) this.lookAgain(forMs)
    return gone
  }

  private isFree() {
    return !!this.designRef.value && !this.waitingRef.value.length && !this.meanwhile && this.stateRef.value === 'kept'
  }

  private async takeFrom(tab: string): Promise<boolean> {
    const draft = (await this.drafts.of(this.id)).get(tab)
    if (!draft || !this.isFree()) return false
    const waiting = await this.upToDate(draft.waiting)
    // It is written down under this tab before it goes from under the other one.
    if (!waiting || !this.isFree()) return false
    if (!(await this.drafts.write(this.id, this.tabs.own, { version: draft.version, waiting })))
      this.storedRef.value = false
    else await this.drafts.remove(this.id, tab)
    // The version is the one that the changes were made to: if another was faster, that is asked, not overwritten.
    this.versionRef.value = draft.version
    this.waitingRef.value = [...waiting, ...this.waitingRef.value]
    this.designRef.value = this.waitingRef.value.at(-1)!.design
    this.nameRef.value = this.waitingRef.value.at(-1)!.name
    this.stateRef.value = 'keeping'
    this.remember()
    return true
  }

  /** Changes that an earlier version of the pages wrote down, as they are written today; nothing where nobody answers. */
  private async upToDate(waiting: Waiting[]): Promise<Waiting[] | undefined> {
    const format = this.designRef.value!.format
    try {
      return await Promise.all(
        waiting.map(async (each) =>
          each.design.format === format
            ? each
            : { ...each, design: await call('POST', '/api/designs/up-to-date', { body: each.design as never }) },
        ),
      )
    } catch (error) {
      this.problemsRef.value = problemsOf(error)
      return undefined
    }
  }

  private take(stored: StoredQuilt) {
    this.nameRef.value = stored.name
    this.designRef.value = stored.design
    this.problemsRef.value = []
    this.waitingRef.value = []
    this.keptAs(stored)
  }

  private keptAs(stored: StoredQuilt) {
    this.versionRef.value = stored.version
    this.undoesRef.value = stored.canUndo ? stored.undoes : ''
    this.redoesRef.value = stored.canRedo ? stored.redoes : ''
    if (!this.waitingRef.value.length) this.stateRef.value = 'kept'
    this.remember()
    this.whenKept(this)
  }

  /** What waits survives a reload, with the version it was made to. */
  private remember() {
    this.writing = this.writing.then(async () => {
      const waiting = this.waitingRef.value
      if (!waiting.length) {
        if (this.wrote) await this.drafts.remove(this.id, this.tabs.own)
        this.wrote = false
        this.storedRef.value = true
        return
      }
      this.wrote = true
      const draft: Draft = { version: this.versionRef.value, waiting }
      this.storedRef.value =
        (await this.drafts.write(this.id, this.tabs.own, draft)) ||
        // Where there is no room for every step, the last one holds them all.
        (await this.drafts.write(this.id, this.tabs.own, { ...draft, waiting: waiting.slice(-1) }))
    })
  }

  /** Once what waits is written down. */
  get written(): Promise<void> {
    return this.writing
  }

  /** Changes the design; with `typing`, waits for a pause and goes on with the step that the typing began. */
  change(part: Partial<QuiltDesign>, typing = false) {
    if (!this.designRef.value) return
    const design = { ...this.designRef.value, ...part }
    this.designRef.value = design
    if (this.meanwhile) Object.assign(this.meanwhile.part, part)
    const goesOn = typing && this.typing !== undefined
    this.queue({ edit: newId(), name: this.nameRef.value, design, sameStep: false }, goesOn)
    clearTimeout(this.typing)
    this.typing = undefined
    if (typing) {
      this.typing = setTimeout(() => {
        this.typing = undefined
        void this.send()
      }, TYPING_PAUSE_MS)
    } else {
      void this.send()
    }
  }

  /** What belongs to the last change: the two are one step, to be undone together. */
  changeToo(part: Partial<QuiltDesign>) {
    if (!this.designRef.value) return
    const design = { ...this.designRef.value, ...part }
    this.designRef.value = design
    if (this.meanwhile) Object.assign(this.meanwhile.part, part)
    this.queue({ edit: newId(), name: this.nameRef.value, design, sameStep: true }, false)
    void this.send()
  }

  async rename(name: string) {
    if (!this.designRef.value) return
    this.nameRef.value = name
    if (this.meanwhile) this.meanwhile.name = name
    this.queue({ edit: newId(), name, design: this.designRef.value, sameStep: true }, false)
    await this.send()
  }

  private queue(change: Waiting, inPlaceOfLast: boolean) {
    const before = this.waitingRef.value
    const refused = this.stateRef.value === 'refused'
    const full = before.length >= MOST_WAITING
    // What was refused goes with the change that puts it right.
    const others = refused ? [] : inPlaceOfLast || full ? before.slice(0, -1) : before
    this.waitingRef.value = [...others, change]
    if (this.stateRef.value !== 'unreachable' && this.stateRef.value !== 'conflict') this.stateRef.value = 'keeping'
    this.remember()
  }

  /** Sends what waits, in order and one at a time, so that each is built on the version before. */
  send(): Promise<void> {
    if (this.stateRef.value === 'conflict' || this.meanwhile) return Promise.resolve()
    this.pause.stop()
    this.sending ??= this.tabs
      .alone(`send ${this.id}`, () => this.sendAll())
      .finally(() => (this.sending = undefined))
      .then(() => this.takeOver())
    return this.sending
  }

  private async sendAll() {
    while (this.waitingRef.value.length && this.typing === undefined) {
      const next = this.waitingRef.value[0]!
      try {
        const stored = await call('PUT', '/api/quilts/{id}', {
          path: { id: this.id },
          body: { version: this.versionRef.value, ...next },
        })
        this.waitingRef.value = this.waitingRef.value.filter((each) => each.edit !== next.edit)
        this.problemsRef.value = []
        this.pause.reset()
        this.keptAs(stored)
      } catch (error) {
        this.failed(error)
        return
      }
    }
  }

  private failed(error: unknown) {
    const status = error instanceof Refusal ? error.status : 0
    if (status === 409) {
      this.stateRef.value = 'conflict'
    } else if (status >= 400 && status < 500) {
      this.stateRef.value = 'refused'
      this.problemsRef.value = problemsOf(error)
      // What cannot be kept stays on the screen and goes with the next change.
      this.waitingRef.value = this.waitingRef.value.slice(-1)
      this.remember()
    } else {
      this.stateRef.value = 'unreachable'
      // It answers, and says why it cannot keep anything: its disk is full, its database is away.
      this.troubleRef.value = status === 503 ? (problemsOf(error)[0]?.why ?? '') : ''
      this.pause.later(() => void this.send())
    }
  }

  /** The typing that is under way is kept at once. */
  private async sendNow(): Promise<boolean> {
    clearTimeout(this.typing)
    this.typing = undefined
    await this.send()
    return !this.waitingRef.value.length
  }

  /** A change that the server makes, such as undo or taking an offer: what was typed is kept first. */
  changeBy(work: (version: number, edit: string) => Promise<StoredQuilt>): Promise<void> {
    const change = this.serverChanges.then(() => this.changeNow(work))
    this.serverChanges = change.catch(() => {})
    return change
  }

  private async changeNow(work: (version: number, edit: string) => Promise<StoredQuilt>) {
    if (!(await this.sendNow())) return
    const meanwhile: NonNullable<typeof this.meanwhile> = { part: {} }
    this.meanwhile = meanwhile
    let stored: StoredQuilt
    try {
      stored = await work(this.versionRef.value, newId())
    } catch (error) {
      this.meanwhile = undefined
      void this.send()
      throw error
    }
    this.meanwhile = undefined
    this.take(stored)
    if (Object.keys(meanwhile.part).length) this.change(meanwhile.part)
    if (meanwhile.name !== undefined) void this.rename(meanwhile.name)
  }

  private async step(take: (body: { version: number; edit: string }) => Promise<StoredQuilt>) {
    try {
      await this.changeBy((version, edit) => take({ version, edit }))
    } catch (error) {
      const status = error instanceof Refusal ? error.status : 0
      if (status === 409) this.stateRef.value = 'conflict'
      else this.problemsRef.value = problemsOf(error)
    }
  }

  undo = () => this.step((body) => call('POST', '/api/quilts/{id}/undo', { path: { id: this.id }, body }))
  redo = () => this.step((body) => call('POST', '/api/quilts/{id}/redo', { path: { id: this.id }, body }))
  goTo = (step: number) =>
    this.step((body) => call('POST', '/api/quilts/{id}/steps/{step}/go-to', { path: { id: this.id, step }, body }))
  takeOut = (step: number) =>
    this.step((body) => call('POST', '/api/quilts/{id}/steps/{step}/take-out', { path: { id: this.id, step }, body }))

  /** The screen's design over the one that another made. */
  async keepMine() {
    const theirs = await call('GET', '/api/quilts/{id}', { path: { id: this.id } })
    this.versionRef.value = theirs.version
    this.waitingRef.value = [
      { edit: newId(), name: this.nameRef.value, design: this.designRef.value!, sameStep: false },
    ]
    this.stateRef.value = 'keeping'
    this.remember()
    await this.send()
  }

  async takeTheirs() {
    this.take(await call('GET', '/api/quilts/{id}', { path: { id: this.id } }))
  }

  /** It is no longer on the screen; what waits is sent all the same. */
  leave() {
    void this.sendNow()
  }

  /** Whether nothing of it has to be sent any more. */
  get isDone() {
    return !this.waitingRef.value.length && this.sending === undefined && !this.busy && !this.takingOver
  }
}
