import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { newId } from '@/shared/newId'
import { quiltsWithTaps, Taps } from './Taps'
import { tickedWithTaps, withTaps } from './unconfirmed'

const made = { kind: 'SET_MADE' as const, batch: 'b', hand: '', text: '' }
const answer = (status: number, body: unknown) => new Response(status === 204 ? null : JSON.stringify(body), { status })
const away = async () => Promise.reject(new TypeError('no network'))

describe('Taps', () => {
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => {
    vi.unstubAllGlobals()
    vi.useRealTimers()
    localStorage.clear()
  })

  it('sends a tap again under the same name until it is kept', async () => {
    const sent: string[] = []
    let up = false
    vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
      if (request.method !== 'POST') return answer(200, {})
      sent.push(JSON.parse(String(request.body)).id)
      if (!up) throw new TypeError('no network')
      return answer(200, { key: 'b' })
    })
    const taps = new Taps('q')
    taps.write(made)
    await vi.advanceTimersByTimeAsync(10)
    expect([taps.waiting.value.length, taps.stuck.value]).toEqual([1, true])
    up = true
    await vi.advanceTimersByTimeAsync(4000)
    expect([taps.waiting.value.length, taps.stuck.value]).toEqual([0, false])
    expect(new Set(sent).size).toBe(1)
    expect(sent.length).toBe(2)
  })

  it('says how long ago it was tapped, also after a reload', async () => {
    vi.stubGlobal('fetch', away)
    new Taps('q').write(made)
    await vi.advanceTimersByTimeAsync(3_600_000)
    const ago: number[] = []
    vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
      if (request.body) ago.push(JSON.parse(String(request.body)).agoMillis)
      return answer(200, { key: 'b' })
    })
    new Taps('q').write(made)
    await vi.advanceTimersByTimeAsync(100)
    expect(ago[0]).toBeGreaterThanOrEqual(3_600_000)
    expect(ago.at(-1)).toBeLessThan(1_000)
  })

  it('keeps what waits over a reload, in order, ticks of cutting steps too', async () => {
    vi.stubGlobal('fetch', away)
    const first = new Taps('q')
    first.write(made)
    first.tick('s1', true)
    first.write({ ...made, kind: 'UNIT_SPOILED' })
    await vi.advanceTimersByTimeAsync(10)
    expect(quiltsWithTaps()).toEqual(['q'])
    const seen: string[] = []
    vi.stubGlobal('fetch', async (path: string, request: RequestInit) => {
      if (request.method === 'HEAD') return answer(200, {})
      seen.push(request.body ? JSON.parse(String(request.body)).kind : `${request.method} ${path}`)
      return answer(204, undefined)
    })
    const second = new Taps('q')
    await vi.advanceTimersByTimeAsync(10)
    expect(seen).toEqual(['SET_MADE', 'PUT /api/quilts/q/cut/steps/s1', 'UNIT_SPOILED'])
    expect(second.waiting.value).toEqual([])
    expect(quiltsWithTaps()).toEqual([])
  })

  it('of two pages neither writes over what waits in the other', async () => {
    vi.stubGlobal('fetch', away)
    new Taps('q').write(made)
    const one = new Taps('q')
    const other = new Taps('q')
    one.tick('s1', true)
    other.tick('s2', true)
    await vi.advanceTimersByTimeAsync(10)
    expect(new Taps('q').waiting.value.map((tap) => (tap.kind === 'tick' ? tap.step : tap.kind))).toEqual([
      'log',
      's1',
      's2',
    ])
    // As they waited under one key before.
    localStorage.setItem('golden-tally.taps.r', JSON.stringify([{ kind: 'tick', id: 'x', step: 'a', done: true }]))
    expect(new Taps('r').waiting.value.map((tap) => tap.id)).toEqual(['x'])
    expect(quiltsWithTaps().sort()).toEqual(['q', 'r'])
    expect(new Taps('r').waiting.value.length).toBe(1)
  })

  it('shows a kept tap until the pages have the answer, and sends it no second time', async () => {
    let sent = 0
    vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
      if (request.method === 'PUT') sent++
      return answer(204, undefined)
    })
    let drawn = () => {}
    const taps = new Taps('q', () => new Promise<void>((done) => (drawn = done)))
    taps.tick('s', true)
    await vi.advanceTimersByTimeAsync(10)
    expect(tickedWithTaps('s', false, taps.waiting.value)).toBe(true)
    expect(quiltsWithTaps()).toEqual([])
    drawn()
    await vi.advanceTimersByTimeAsync(10)
    expect(taps.waiting.value).toEqual([])
    expect(sent).toBe(1)
  })

  it.each([1, 2, 3, 4, 5, 6, 7, 8])(
    'brings every tap once and in order, whatever is cut or closed when: %i',
    async (seed) => {
      let state = seed * 7919
      const chance = (one: number) => (state = (state * 48271) % 2147483647) % one === 0
      const kept: string[] = []
      // Ends with the page that waits for it.
      const onTheWay = () => new Promise((arrived) => setTimeout(arrived, 1))
      let up = true
      vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
        await onTheWay()
        if (request.method !== 'POST') return answer(200, {})
        if (!up || chance(4)) throw new TypeError('lost on the way there')
        const id = String(JSON.parse(String(request.body)).id)
        if (!kept.includes(id)) kept.push(id)
        await onTheWay()
        if (chance(4)) throw new TypeError('lost on the way back')
        return answer(200, { key: 'b' })
      })
      let taps = new Taps('q')
      const written: string[] = []
      for (let i = 0; i < 60; i++) {
        if (chance(3)) up = !up
        taps.write(made)
        const last = taps.waiting.value.at(-1)!
        written.push(last.id)
        if (chance(2)) await vi.advanceTimersByTimeAsync(700)
        // Closed and opened again: what is in memory is gone, and what was on its way comes to nobody.
        if (chance(5)) {
          await vi.advanceTimersByTimeAsync(0)
          vi.clearAllTimers()
          taps = new Taps('q')
        }
      }
      up = true
      for (let i = 0; i < 400 && quiltsWithTaps().length; i++) await vi.advanceTimersByTimeAsync(31_000)
      expect(quiltsWithTaps()).toEqual([])
      expect(kept).toEqual(written)
    },
  )

  it('does not try again what is refused, and says why', async () => {
    vi.stubGlobal('fetch', async () =>
      answer(422, { problems: [{ where: 'Note', why: 'nothing is typed', fix: 'type' }] }),
    )
    const taps = new Taps('q')
    taps.write(made)
    await vi.advanceTimersByTimeAsync(10)
    expect(taps.waiting.value.length).toBe(0)
    expect(taps.problems.value[0]!.why).toBe('nothing is typed')
  })

  it('counts what is not confirmed yet at once', () => {
    vi.stubGlobal('fetch', away)
    const taps = new Taps('q')
    const batch = { key: 'b', good: 8, setsMade: 1, setsSpoiled: 0, spoiled: 0, perSet: 8 } as Schemas['BatchView']
    taps.write(made)
    taps.write(made)
    taps.write({ ...made, kind: 'TAKE_BACK' })
    taps.write({ ...made, kind: 'UNIT_SPOILED' })
    taps.write({ ...made, batch: 'another' })
    expect(withTaps(batch, taps.waiting.value)).toEqual({
      good: 15,
      setsMade: 2,
      setsSpoiled: 0,
      spoiled: 1,
      unconfirmed: 4,
    })
    // One that the server has counted already is not counted twice.
    expect(withTaps({ ...batch, good: 16, setsMade: 2 }, taps.waiting.value, [taps.waiting.value[0]!.id]).good).toBe(15)
    taps.tick('s', true)
    taps.tick('s', false)
    expect(tickedWithTaps('s', true, taps.waiting.value)).toBe(false)
    expect(tickedWithTaps('other', true, taps.waiting.value)).toBe(true)
  })

  it('names taps where the browser lends no randomUUID', () => {
    vi.stubGlobal('crypto', { getRandomValues: (bytes: Uint8Array) => bytes.fill(255) })
    expect(newId()).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff')
  })
})
