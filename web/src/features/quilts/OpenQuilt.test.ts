import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Draft, DraftStore, Tabs } from './drafts'
import { OpenQuilt, type QuiltDesign } from './OpenQuilt'

const DESIGN = { format: 4, seam: '1/4', closeInValue: 4 } as unknown as QuiltDesign

interface KeptQuilt {
  version: number
  steps: QuiltDesign[]
  step: number
  lastEdit: string
}

/** A server with quilts that keeps each step it is sent; it can refuse, be away, lose its answers, or answer late. */
function server() {
  const quilts = new Map<string, KeptQuilt>()
  const state = {
    refuse: 0,
    away: false,
    loseAnswers: false,
    /** What waits for `answer()` where answers are held back. */
    held: undefined as (() => void)[] | undefined,
    sent: [] as string[],
    of(id: string) {
      if (!quilts.has(id)) quilts.set(id, { version: 0, steps: [DESIGN], step: 0, lastEdit: '' })
      return quilts.get(id)!
    },
    design: (id: string) => state.of(id).steps[state.of(id).step]!,
  }
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    if (state.away) throw new TypeError('no answer')
    const id = path.split('/')[3] ?? ''
    const quilt = state.of(id)
    const body = init.body
      ? (JSON.parse(String(init.body)) as { version: number; edit: string; design: QuiltDesign })
      : undefined
    if (body && body.edit !== quilt.lastEdit) {
      if (init.method === 'PUT') state.sent.push(`${id} ${body.design.closeInValue}`)
      if (state.refuse)
        return new Response(JSON.stringify({ problems: [{ where: 'closeInValue', why: 'too many', fix: 'fewer' }] }), {
          status: state.refuse,
        })
      if (body.version !== quilt.version) return new Response('{"problems":[]}', { status: 409 })
      if (init.method === 'PUT') {
        quilt.steps = [...quilt.steps.slice(0, quilt.step + 1), body.design]
        quilt.step++
      } else quilt.step += path.endsWith('/undo') ? -1 : 1
      quilt.version++
      quilt.lastEdit = body.edit
    }
    const answer = new Response(
      JSON.stringify({
        id,
        name: 'Test',
        version: quilt.version,
        canUndo: quilt.step > 0,
        canRedo: quilt.step < quilt.steps.length - 1,
        undoes: `step ${quilt.step}`,
        redoes: `step ${quilt.step + 1}`,
        design: state.design(id),
      }),
    )
    if (state.held) await new Promise<void>((resolve) => state.held!.push(resolve))
    if (state.loseAnswers && body) throw new TypeError('the answer is lost')
    return answer
  })
  return state
}

/** A browser: what its tabs wrote down, which of them are open, and whether there is room. */
class TestBrowser implements DraftStore {
  readonly drafts = new Map<string, Draft>()
  readonly open = new Set<string>()
  private readonly turns = new Map<string, Promise<unknown>>()
  full = false
  private tabs = 0

  /** A tab that was just opened. */
  tab(): Tabs {
    const own = `tab${++this.tabs}`
    this.open.add(own)
    return {
      own,
      isOpen: async (tab) => this.open.has(tab),
      alone: <T>(what: string, work: () => Promise<T>) => {
        const turn = (this.turns.get(what) ?? Promise.resolve()).catch(() => {}).then(work)
        this.turns.set(what, turn)
        return turn
      },
    }
  }
  async of(quilt: string) {
    return new Map(
      [...this.drafts]
        .filter(([key]) => key.startsWith(`${quilt} `))
        .map(([key, draft]) => [key.split(' ')[1]!, draft]),
    )
  }
  async write(quilt: string, tab: string, draft: Draft) {
    if (this.full) return false
    this.drafts.set(`${quilt} ${tab}`, structuredClone(draft))
    return true
  }
  async remove(quilt: string, tab: string) {
    this.drafts.delete(`${quilt} ${tab}`)
  }
  async quilts() {
    return [...new Set([...this.drafts.keys()].map((key) => key.split(' ')[0]!))]
  }
}

let browser = new TestBrowser()

/** In a new tab, after those before were closed. */
async function opened(id: string, besideOthers = false) {
  if (!besideOthers) browser.open.clear()
  const quilt = new OpenQuilt(id, () => {}, browser, browser.tab())
  await quilt.load()
  return quilt
}

describe('OpenQuilt', () => {
  let kept: ReturnType<typeof server>

  beforeEach(() => {
    vi.useFakeTimers()
    browser = new TestBrowser()
    kept = server()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('keeps a change, says what undo takes back, undoes and redoes it', async () => {
    const quilt = await opened('q')
    expect(quilt.undoes.value).toBe('')
    quilt.change({ closeInValue: 7 })
    await vi.runAllTimersAsync()
    expect(kept.design('q').closeInValue).toBe(7)
    expect(quilt.undoes.value).toBe('step 1')
    void quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design('q').closeInValue).toBe(4)
    expect(quilt.redoes.value).toBe('step 1')
    void quilt.redo()
    await vi.runAllTimersAsync()
    expect(kept.design('q').closeInValue).toBe(7)
    expect(quilt.saveState.value).toBe('kept')
  })

  it('sends typing once it pauses, as one step to undo', async () => {
    const quilt = await opened('q')
    for (const closeInValue of [1, 12, 99]) quilt.change({ closeInValue }, true)
    await vi.runAllTimersAsync()
    expect(kept.sent).toEqual(['q 99'])
    void quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design('q').closeInValue).toBe(4)
  })

  it('loses nothing that is changed while an undo is under way, and takes two undos in a row', async () => {
    const quilt = await opened('a')
    quilt.change({ closeInValue: 7 })
    quilt.change({ closeInValue: 8 })
    await quilt.send()
    kept.held = []
    const undone = quilt.undo()
    await vi.waitFor(() => expect(kept.held).toHaveLength(1))
    quilt.change({ seam: '3/8' })
    const renamed = quilt.rename('Other')
    const again = quilt.undo()
    const answers = kept.held
    kept.held = undefined
    answers.forEach((answer) => answer())
    await Promise.all([undone, renamed, again])
    // The second undo takes back the change made meanwhile, which had been kept first.
    expect(kept.sent).toEqual(['a 7', 'a 8', 'a 7', 'a 7'])
    expect(kept.of('a').steps.some((step) => step.seam === '3/8' && step.closeInValue === 7)).toBe(true)
    await quilt.send()
    expect(quilt.saveState.value).toBe('kept')
    expect(quilt.waiting.value).toBe(0)
  })

  it('keeps two quilts apart while the answer for one is under way', async () => {
    const a = await opened('a')
    const b = await opened('b')
    kept.held = []
    a.change({ closeInValue: 11 })
    await vi.advanceTimersByTimeAsync(1)
    a.leave()
    b.change({ closeInValue: 22 })
    a.change({ closeInValue: 12 })
    await vi.advanceTimersByTimeAsync(1)
    expect(b.saveState.value).toBe('keeping')
    while (kept.held.length) {
      kept.held.splice(0).forEach((answer) => answer())
      await vi.advanceTimersByTimeAsync(1)
    }
    expect(kept.sent).toEqual(['a 11', 'b 22', 'a 12'])
    expect(kept.design('a').closeInValue).toBe(12)
    expect(kept.design('b').closeInValue).toBe(22)
    expect([a.saveState.value, b.saveState.value]).toEqual(['kept', 'kept'])
    expect(kept.of('a').version).toBe(2)
    expect(kept.of('b').version).toBe(1)
  })

  it('keeps what was refused on the screen and through a reload', async () => {
    const quilt = await opened('q')
    kept.refuse = 422
    quilt.change({ closeInValue: 1000 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('refused')
    expect(quilt.problems.value[0]?.why).toBe('too many')
    const again = await opened('q')
    expect(again.design.value?.closeInValue).toBe(1000)
    kept.refuse = 0
    again.change({ closeInValue: 10 })
    await vi.runAllTimersAsync()
    expect(again.saveState.value).toBe('kept')
    expect(kept.of('q').steps.map((step) => step.closeInValue)).toEqual([4, 10])
  })

  it('asks what to do when another was faster, also after a reload, and can keep either', async () => {
    const quilt = await opened('q')
    kept.of('q').version = 5
    quilt.change({ closeInValue: 9 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('conflict')
    const again = await opened('q')
    expect(again.saveState.value).toBe('conflict')
    expect(again.design.value?.closeInValue).toBe(9)
    expect(kept.design('q').closeInValue).toBe(4)
    await again.keepMine()
    expect(kept.design('q').closeInValue).toBe(9)
    expect(again.saveState.value).toBe('kept')
  })

  it('says why it cannot be kept where that is answered, and keeps it once it can', async () => {
    const quilt = await opened('q')
    kept.refuse = 503
    quilt.change({ closeInValue: 8 })
    await vi.advanceTimersByTimeAsync(20_000)
    expect(quilt.saveState.value).toBe('unreachable')
    expect(quilt.trouble.value).toBe('too many')
    expect(quilt.waiting.value).toBe(1)
    kept.refuse = 0
    await vi.advanceTimersByTimeAsync(60_000)
    expect(quilt.saveState.value).toBe('kept')
    expect(kept.design('q').closeInValue).toBe(8)
  })

  it('says so while nobody answers, tries again with growing pauses, and sends every step in order', async () => {
    const quilt = await opened('q')
    kept.away = true
    const asked: number[] = []
    const fetched = globalThis.fetch
    vi.stubGlobal('fetch', (...request: Parameters<typeof fetch>) => {
      if (request[1]?.method === 'PUT') asked.push(Date.now())
      return fetched(...request)
    })
    quilt.change({ closeInValue: 8 })
    await vi.advanceTimersByTimeAsync(20_000)
    expect(quilt.saveState.value).toBe('unreachable')
    const pauses = asked.slice(1).map((at, i) => at - asked[i]!)
    expect(pauses).toEqual([1000, 2000, 4000, 8000])
    quilt.change({ seam: '3/8' })
    expect(quilt.waiting.value).toBe(2)
    kept.away = false
    await vi.advanceTimersByTimeAsync(60_000)
    expect(quilt.saveState.value).toBe('kept')
    expect(kept.of('q').steps).toMatchObject([
      { closeInValue: 4 },
      { closeInValue: 8 },
      { closeInValue: 8, seam: '3/8' },
    ])
    expect(await browser.quilts()).toEqual([])
  })

  it('holds what waits over a reload, and a change whose answer was lost is made once', async () => {
    const quilt = await opened('q')
    kept.loseAnswers = true
    quilt.change({ closeInValue: 8 })
    quilt.change({ closeInValue: 9 })
    await vi.advanceTimersByTimeAsync(100)
    expect(await browser.quilts()).toEqual(['q'])
    kept.loseAnswers = false
    const again = await opened('q')
    await vi.advanceTimersByTimeAsync(100)
    expect(again.saveState.value).toBe('kept')
    expect(kept.of('q').steps.map((step) => step.closeInValue)).toEqual([4, 8, 9])
  })

  it('loses nothing of a tab that is closed while another keeps its own', async () => {
    const first = await opened('q')
    const second = await opened('q', true)
    kept.away = true
    first.change({ closeInValue: 7 })
    second.change({ seam: '3/8' })
    await vi.advanceTimersByTimeAsync(100)
    browser.open.delete('tab1')
    first.send = () => Promise.resolve()
    kept.away = false
    await vi.advanceTimersByTimeAsync(60_000)
    // Both were made to the same version: the second is kept, the first is asked about, not thrown away.
    expect(kept.of('q').steps.at(-1)).toMatchObject({ seam: '3/8' })
    expect(second.saveState.value).toBe('conflict')
    expect(second.waiting.value).toBe(1)
    expect(second.design.value).toMatchObject({ closeInValue: 7 })
    await second.keepMine()
    expect(kept.design('q').closeInValue).toBe(7)
    expect(browser.drafts.size).toBe(0)
  })

  it('leaves what waits in a tab that is open to that tab', async () => {
    const first = await opened('q')
    const second = await opened('q', true)
    kept.away = true
    first.change({ closeInValue: 7 })
    await vi.advanceTimersByTimeAsync(100)
    kept.away = false
    second.change({ seam: '3/8' })
    await second.send()
    expect([...browser.drafts.keys()]).toEqual(['q tab1'])
    expect(second.saveState.value).toBe('kept')
  })

  it('brings a draft of an older format up to date before it is sent', async () => {
    const old = { format: 3, closeInValue: 8 } as unknown as QuiltDesign
    browser.drafts.set('q gone', { version: 0, waiting: [{ edit: 'e', name: 'Test', design: old, sameStep: false }] })
    const fetched = globalThis.fetch
    vi.stubGlobal('fetch', async (path: string, init: RequestInit) =>
      path.endsWith('/designs/up-to-date')
        ? new Response(JSON.stringify({ ...JSON.parse(String(init.body)), format: 4, seam: '1/4' }))
        : fetched(path, init),
    )
    await opened('q')
    await vi.runAllTimersAsync()
    expect(kept.design('q')).toMatchObject({ format: 4, closeInValue: 8 })
    expect(browser.drafts.size).toBe(0)
  })

  it('says when what waits has no room in the browser', async () => {
    const quilt = await opened('q')
    kept.away = true
    browser.full = true
    quilt.change({ closeInValue: 7 })
    await quilt.written
    expect(quilt.stored.value).toBe(false)
    browser.full = false
    quilt.change({ closeInValue: 8 })
    await quilt.written
    expect(quilt.stored.value).toBe(true)
  })

  /** Any mix of tabs, edits, cuts, lost answers, closes and full stores: each edit is there, or seen to wait, or was asked about. */
  it('loses no edit in any of many random histories', async () => {
    for (let seed = 1; seed <= 400; seed++) await history(seed)

    async function history(seed: number) {
      let state = seed * 2654435761
      const chance = (of: number) => {
        state = (Math.imul(state ^ (state >>> 15), 2246822519) + 0x9e3779b9) >>> 0
        return state % of
      }
      browser = new TestBrowser()
      kept = server()
      const tabs: { quilt: OpenQuilt; name: string }[] = []
      const made = new Set<number>()
      const openTab = async () => {
        const name = `tab${seed}`
        const quilt = await opened('q', true)
        tabs.push({ quilt, name: [...browser.open].at(-1) ?? name })
      }
      await openTab()
      for (let act = 0; act < 12; act++) {
        const tab = tabs[chance(tabs.length)]!
        switch (chance(7)) {
          case 0:
            if (!kept.away) await openTab()
            break
          case 1:
            kept.away = !kept.away
            break
          case 2:
            kept.loseAnswers = !kept.loseAnswers
            break
          case 3:
            if (tabs.length > 1) {
              await tab.quilt.written
              browser.open.delete(tab.name)
              tabs.splice(tabs.indexOf(tab), 1)
              silence(tab.quilt)
            }
            break
          default: {
            const value = seed * 1000 + act
            tab.quilt.change({ closeInValue: value })
            made.add(value)
          }
        }
        await vi.advanceTimersByTimeAsync(chance(3) * 700)
      }
      kept.away = false
      kept.loseAnswers = false
      await vi.advanceTimersByTimeAsync(120_000)
      const steps = kept.of('q').steps.map((step) => step.closeInValue as unknown as number)
      const waiting = [...browser.drafts.values()].flatMap((draft) =>
        draft.waiting.map((each) => each.design.closeInValue),
      )
      const seen = new Set([...steps, ...waiting])
      const lost = [...made].filter((value) => !seen.has(value))
      expect(lost, `history ${seed}`).toEqual([])
      const silent = [...browser.drafts.keys()].filter((key) => browser.open.has(key.split(' ')[1]!))
      for (const { quilt, name } of tabs) {
        if (quilt.waiting.value) expect(['conflict', 'refused', 'unreachable']).toContain(quilt.saveState.value)
        else expect(silent).not.toContain(`q ${name}`)
      }
      tabs.forEach((tab) => silence(tab.quilt))
    }
    /** A tab that is gone does nothing any more. */
    function silence(quilt: OpenQuilt) {
      quilt.send = () => Promise.resolve()
    }
  }, 120_000)
})
