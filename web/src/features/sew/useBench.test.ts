import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { newId, useBench } from './useBench'

function bench() {
  let used!: ReturnType<typeof useBench>
  const Uses = defineComponent({
    setup() {
      used = useBench('q')
      return () => h('p')
    },
  })
  const wrapper = mount(Uses, { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } })
  return { used, wrapper }
}
const made = { kind: 'SET_MADE' as const, batch: 'b', hand: '', text: '' }
const answer = (status: number, body: unknown) => new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
  localStorage.clear()
})

describe('useBench', () => {
  it('sends an entry again under the same name until it is kept', async () => {
    vi.useFakeTimers()
    const sent: string[] = []
    let up = false
    vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
      sent.push(JSON.parse(String(request.body)).id)
      if (!up) throw new TypeError('no network')
      return answer(200, { key: 'b' })
    })
    const { used } = bench()
    used.write(made)
    await vi.advanceTimersByTimeAsync(10)
    expect(used.waiting.value).toBe(1)
    up = true
    await vi.advanceTimersByTimeAsync(4000)
    expect(used.waiting.value).toBe(0)
    expect(new Set(sent).size).toBe(1)
    expect(sent.length).toBe(2)
  })

  it('keeps what waits over a reload, in order', async () => {
    vi.useFakeTimers()
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no network')))
    const first = bench()
    first.used.write(made)
    first.used.write({ ...made, kind: 'UNIT_SPOILED' })
    await vi.advanceTimersByTimeAsync(10)
    first.wrapper.unmount()
    const kinds: string[] = []
    vi.stubGlobal('fetch', async (_: string, request: RequestInit) => {
      kinds.push(JSON.parse(String(request.body)).kind)
      return answer(200, { key: 'b' })
    })
    const second = bench()
    await vi.advanceTimersByTimeAsync(10)
    expect(kinds).toEqual(['SET_MADE', 'UNIT_SPOILED'])
    expect(second.used.waiting.value).toBe(0)
  })

  it('does not try again what is refused, and says why', async () => {
    vi.stubGlobal('fetch', async () => answer(422, { problems: [{ where: 'Note', why: 'nothing is typed', fix: 'type' }] }))
    const { used } = bench()
    used.write(made)
    await vi.waitFor(() => expect(used.waiting.value).toBe(0))
    expect(used.problems.value[0]!.why).toBe('nothing is typed')
  })

  it('names entries where the browser lends no randomUUID', () => {
    vi.stubGlobal('crypto', { getRandomValues: (bytes: Uint8Array) => bytes.fill(255) })
    expect(newId()).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff')
  })
})
