import { createStore, del, entries, set, type UseStore } from 'idb-keyval'
import { kept } from '@/shared/kept'
import { newId } from '@/shared/newId'
import type { QuiltDesign } from './OpenQuilt'

/** A change on its way to the server, under a name of its own; with `sameStep` it goes on with the step before it. */
export interface Waiting {
  edit: string
  name: string
  design: QuiltDesign
  sameStep: boolean
}

/** What is not kept yet of a quilt in one tab, and which version it was made to. */
export interface Draft {
  version: number
  waiting: Waiting[]
}

/** Where each tab keeps what waits, apart from all other tabs. */
export interface DraftStore {
  /** Of a quilt, by tab. */
  of(quilt: string): Promise<Map<string, Draft>>
  /** Whether it is kept. */
  write(quilt: string, tab: string, draft: Draft): Promise<boolean>
  /** Only ever of what is confirmed, refused in words, or written down for another tab. */
  remove(quilt: string, tab: string): Promise<void>
  quilts(): Promise<string[]>
}

/** This tab among the others of this browser. */
export interface Tabs {
  readonly own: string
  /** What it was called before it was reloaded; nothing for a new one. */
  readonly before?: string | undefined
  /** Whether a tab is still open; what waits in one that is not, another takes over. */
  isOpen(tab: string): Promise<boolean>
  /** One tab at a time does this. */
  alone<T>(what: string, work: () => Promise<T>): Promise<T>
}

const BEFORE = 'golden-tally.draft.'
/** The tab that drafts of earlier versions count for, which had one for all tabs. */
const EARLIER = 'earlier'

/** The browser's own database, which has room for hundreds of designs; each tab writes under a key of its own. */
export class BrowserDrafts implements DraftStore {
  private readonly store: UseStore | undefined

  constructor(name = 'golden-tally') {
    try {
      this.store = createStore(name, 'drafts')
    } catch {
      this.store = undefined
    }
  }

  private async all(): Promise<[string, Draft][]> {
    try {
      await this.moveEarlier()
      const found = this.store ? await entries<string, Draft>(this.store) : []
      const before = kept
        .keysAfter(BEFORE)
        .map((quilt): [string, Draft | undefined] => [`${quilt} ${EARLIER}`, kept.read<Draft>(BEFORE + quilt)])
      return [...found, ...before.filter((each): each is [string, Draft] => !!each[1]?.waiting?.length)]
    } catch {
      return []
    }
  }

  /** One draft for all tabs stood in another place in earlier versions. */
  private async moveEarlier() {
    for (const quilt of kept.keysAfter(BEFORE)) {
      const draft = kept.read<Draft>(BEFORE + quilt)
      if (draft?.waiting?.length && !(await this.write(quilt, EARLIER, draft))) continue
      kept.remove(BEFORE + quilt)
    }
  }

  async of(quilt: string) {
    const all = (await this.all()).filter(([key]) => key.startsWith(`${quilt} `))
    return new Map(all.map(([key, draft]) => [key.slice(quilt.length + 1), draft]))
  }

  async write(quilt: string, tab: string, draft: Draft) {
    try {
      if (!this.store) return false
      await set(`${quilt} ${tab}`, draft, this.store)
      return true
    } catch {
      return false
    }
  }

  async remove(quilt: string, tab: string) {
    try {
      if (this.store) await del(`${quilt} ${tab}`, this.store)
    } catch {
      // It is offered again, and the server knows that it has it.
    }
  }

  async quilts() {
    return [...new Set((await this.all()).map(([key]) => key.split(' ')[0]!))]
  }
}

const TAB = 'golden-tally.tab.'
const THIS_TAB = 'golden-tally.this-tab'

/** By the browser's locks: each tab holds one of its own as long as it is open. */
export class BrowserTabs implements Tabs {
  readonly own = newId()
  readonly before = sessionStorage.getItem(THIS_TAB) ?? undefined
  private readonly locks = typeof navigator === 'undefined' ? undefined : navigator.locks

  constructor() {
    sessionStorage.setItem(THIS_TAB, this.own)
    void this.locks?.request(TAB + this.own, () => new Promise(() => {}))
  }

  async isOpen(tab: string) {
    if (tab === this.own) return true
    const state = await this.locks?.query()
    return state?.held?.some((lock) => lock.name === TAB + tab) ?? false
  }

  alone<T>(what: string, work: () => Promise<T>): Promise<T> {
    return this.locks ? (this.locks.request(`golden-tally.${what}`, work) as Promise<T>) : work()
  }
}
