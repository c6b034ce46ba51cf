import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { OpenQuilt, type QuiltDesign, quiltsWithDrafts } from './OpenQuilt'

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

async function opened(id: string) {
  const quilt = new OpenQuilt(id)
  await quilt.load()
  return quilt
}

describe('OpenQuilt', () => {
  let kept: ReturnType<typeof server>

  beforeEach(() => {
    vi.useFakeTimers()
    localStorage.clear()
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
    expect(quiltsWithDrafts()).toEqual([])
  })

  it('holds what waits over a reload, and a change whose answer was lost is made once', async () => {
    const quilt = await opened('q')
    kept.loseAnswers = true
    quilt.change({ closeInValue: 8 })
    quilt.change({ closeInValue: 9 })
    await vi.advanceTimersByTimeAsync(100)
    expect(quiltsWithDrafts()).toEqual(['q'])
    kept.loseAnswers = false
    const again = await opened('q')
    await vi.advanceTimersByTimeAsync(100)
    expect(again.saveState.value).toBe('kept')
    expect(kept.of('q').steps.map((step) => step.closeInValue)).toEqual([4, 8, 9])
  })
})
