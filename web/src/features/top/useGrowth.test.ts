import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import type { QuiltDesign } from '@/features/quilts'
import { useGrowth } from './useGrowth'

const asked: { across: number; down: number; design: QuiltDesign }[] = []
vi.mock('@/api/client', () => ({
  call: (_: string, __: string, { body }: { body: (typeof asked)[number] }) => {
    asked.push(body)
    return Promise.resolve({ places: [...body.design.places, { row: 9, column: 9, exchanges: [] }] })
  },
}))

function quilt(exchanges: object[]) {
  const design = ref({
    setting: { across: 9, down: 8 },
    places: [{ row: 0, column: 1, exchanges }],
  } as never as QuiltDesign)
  const merge = (part: Partial<QuiltDesign>) => (design.value = { ...design.value, ...part })
  return { id: ref('q'), design, change: vi.fn(merge), changeToo: vi.fn(merge) }
}
const to = (across: number, down = 8) => ({ setting: { across, down } }) as never as Partial<QuiltDesign>

beforeEach(() => {
  vi.useFakeTimers()
  asked.length = 0
})
afterEach(() => vi.useRealTimers())

it('asks once for all that was typed, from where the typing began', async () => {
  const top = quilt([{ from: 'a', to: 'b' }])
  const { change } = effectScope().run(() => useGrowth(top as never))!
  change(to(1), true)
  change(to(16), true)
  await vi.advanceTimersByTimeAsync(600)
  expect(asked).toHaveLength(1)
  expect(asked[0]).toMatchObject({ across: 9, down: 8 })
  expect(top.changeToo).toHaveBeenCalledOnce()
  expect(top.design.value.places).toHaveLength(2)
})

it('leaves alone what shrank, what was never dealt, and what was changed meanwhile', async () => {
  const shrunk = quilt([{ from: 'a', to: 'b' }])
  effectScope()
    .run(() => useGrowth(shrunk as never))!
    .change(to(4))
  const alike = quilt([])
  effectScope()
    .run(() => useGrowth(alike as never))!
    .change(to(20))
  const later = quilt([{ from: 'a', to: 'b' }])
  effectScope()
    .run(() => useGrowth(later as never))!
    .change(to(20))
  await vi.advanceTimersByTimeAsync(499)
  vi.advanceTimersByTime(1)
  later.design.value = { ...later.design.value }
  await vi.runAllTimersAsync()
  expect(asked).toHaveLength(1)
  for (const each of [shrunk, alike, later]) expect(each.changeToo).not.toHaveBeenCalled()
})

it('deals what grew when its station is left at once, and never the blocks of another quilt', async () => {
  const left = quilt([{ from: 'a', to: 'b' }])
  const scope = effectScope()
  scope.run(() => useGrowth(left as never))!.change(to(20))
  scope.stop()
  await vi.runAllTimersAsync()
  expect(left.changeToo).toHaveBeenCalledOnce()
  const other = quilt([{ from: 'a', to: 'b' }])
  effectScope()
    .run(() => useGrowth(other as never))!
    .change(to(20))
  other.id.value = 'another'
  await vi.runAllTimersAsync()
  expect(other.changeToo).not.toHaveBeenCalled()
})
