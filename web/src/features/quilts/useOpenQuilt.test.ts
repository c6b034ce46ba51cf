import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createApp, defineComponent } from 'vue'
import { type QuiltDesign, useOpenQuilt } from './useOpenQuilt'

const DESIGN = { format: 2, seam: '1/4', closeInValue: 4 } as unknown as QuiltDesign

/** A server with one quilt, that keeps each step it is sent and can be told to refuse. */
function server() {
  const state = { version: 0, steps: [DESIGN], step: 0, refuse: 0, sent: [] as number[], design: () => state.steps[state.step]! }
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    if (state.refuse < 0) throw new TypeError('no answer')
    if (init.method === 'PUT') {
      const body = JSON.parse(String(init.body)) as { version: number; design: QuiltDesign }
      state.sent.push(body.design.closeInValue)
      if (state.refuse) {
        return new Response(JSON.stringify({ problems: [{ where: 'closeInValue', why: 'too many', fix: 'fewer' }] }), { status: state.refuse })
      }
      if (body.version !== state.version) return new Response('{"problems":[]}', { status: 409 })
      state.steps = [...state.steps.slice(0, state.step + 1), body.design]
      state.step++
      state.version++
    }
    if (init.method === 'POST') {
      state.step += path.endsWith('/undo') ? -1 : 1
      state.version++
    }
    return new Response(
      JSON.stringify({ id: 'q', name: 'Test', version: state.version, canUndo: state.step > 0, canRedo: state.step < state.steps.length - 1, design: state.design() }),
    )
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
    quilt.change({ closeInValue: 7 })
    await vi.runAllTimersAsync()
    expect(kept.design().closeInValue).toBe(7)
    void quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design().closeInValue).toBe(4)
    void quilt.redo()
    await vi.runAllTimersAsync()
    expect(kept.design().closeInValue).toBe(7)
    expect(quilt.saveState.value).toBe('kept')
  })

  it('sends typing once it pauses, as one step to undo', async () => {
    for (const closeInValue of [1, 12, 99]) quilt.change({ closeInValue }, true)
    await vi.runAllTimersAsync()
    expect(kept.sent).toEqual([99])
    void quilt.undo()
    await vi.runAllTimersAsync()
    expect(kept.design().closeInValue).toBe(4)
  })

  it('keeps what was refused on the screen and through a reload', async () => {
    kept.refuse = 422
    quilt.change({ closeInValue: 1000 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('refused')
    expect(quilt.problems.value[0]?.why).toBe('too many')
    quilt.close()
    await quilt.open('q')
    expect(quilt.design.value?.closeInValue).toBe(1000)
  })

  it('asks what to do when another was faster, and can keep either', async () => {
    kept.version = 5
    quilt.change({ closeInValue: 9 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('conflict')
    expect(quilt.design.value?.closeInValue).toBe(9)
    await quilt.keepMine()
    expect(kept.design().closeInValue).toBe(9)
    expect(quilt.saveState.value).toBe('kept')
  })

  it('says when there is no answer, and sends with the next change', async () => {
    kept.refuse = -1
    quilt.change({ closeInValue: 8 })
    await vi.runAllTimersAsync()
    expect(quilt.saveState.value).toBe('unreachable')
    kept.refuse = 0
    quilt.change({ seam: '3/8' })
    await vi.runAllTimersAsync()
    expect(kept.design()).toMatchObject({ closeInValue: 8, seam: '3/8' })
  })
})
