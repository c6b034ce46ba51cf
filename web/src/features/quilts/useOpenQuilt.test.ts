import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createApp, defineComponent } from 'vue'
import { type QuiltDesign, useOpenQuilt } from './useOpenQuilt'

const DESIGN = { blocksAcross: 4, blocksDown: 5, seam: '1/4' } as QuiltDesign

/** A server with one quilt, that keeps what it is sent and can be told to refuse. */
function server() {
  const state = { version: 0, design: DESIGN, refuse: 0, sent: [] as number[] }
  vi.stubGlobal('fetch', async (_path: string, init: RequestInit) => {
    if (state.refuse < 0) throw new TypeError('no answer')
    if (init.method === 'PUT') {
      const body = JSON.parse(String(init.body)) as { version: number; design: QuiltDesign }
      state.sent.push(body.design.blocksAcross)
      if (state.refuse) {
        return new Response(JSON.stringify({ problems: [{ where: 'Blocks across', why: 'too many', fix: 'fewer' }] }), { status: state.refuse })
      }
      if (body.version !== state.version) return new Response('{"problems":[]}', { status: 409 })
      state.design = body.design
      state.version++
    }
    return new Response(JSON.stringify({ id: 'q', name: 'Test', version: state.version, design: state.design }))
  })
  return state
}

function openQuilt() {
  let quilt!: ReturnType<typeof useOpenQuilt>
  const app = createApp(defineComponent({ setup: () => ((quilt = useOpenQuilt()), () => null) }))
  app.use(VueQueryPlugin, { queryClient: new QueryClient() })
  app.mount(document.createElement('div'))
  return quilt
}

describe('useOpenQuilt', () => {
  let quilt: ReturnType<typeof useOpenQuilt>
  let kept: ReturnType<typeof server>

  beforeEach(async () => {
    vi.useFakeTimers()
    localStorage.clear()
    kept = server()
    quilt = openQuilt()
    quilt.close()
    await quilt.open('q')
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('keeps a change, and undoes and redoes it', async () => {
    quilt.change({ blocksAcross: 7 })
    await vi.runAllTimersAsync()
    expect(kept.design.blocksAcross).toBe(7)
    quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design.blocksAcross).toBe(4)
    quilt.redo()
    await vi.runAllTimersAsync()
    expect(kept.design.blocksAcross).toBe(7)
    expect(quilt.saveState.value).toBe('kept')
  })

  it('sends typing once it pauses, as one step to undo', async () => {
    for (const blocksAcross of [1, 12, 120]) quilt.change({ blocksAcross }, true)
    await vi.runAllTimersAsync()
    expect(kept.sent).toEqual([120])
    quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design.blocksAcross).toBe(4)
  })

  it('keeps what was refused on the screen and through a reload', async () => {
    kept.refuse = 422
    quilt.change({ blocksAcross: 1000 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('refused')
    expect(quilt.problems.value[0]?.why).toBe('too many')
    quilt.close()
    await quilt.open('q')
    expect(quilt.design.value?.blocksAcross).toBe(1000)
  })

  it('asks what to do when another was faster, and can keep either', async () => {
    kept.version = 5
    quilt.change({ blocksAcross: 9 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('conflict')
    expect(quilt.design.value?.blocksAcross).toBe(9)
    await quilt.keepMine()
    expect(kept.design.blocksAcross).toBe(9)
    expect(quilt.saveState.value).toBe('kept')
  })

  it('says when there is no answer, and sends with the next change', async () => {
    kept.refuse = -1
    quilt.change({ blocksAcross: 8 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('unreachable')
    kept.refuse = 0
    quilt.change({ blocksDown: 6 })
    await vi.runAllTimersAsync()
    expect(kept.design).toMatchObject({ blocksAcross: 8, blocksDown: 6 })
  })
})
