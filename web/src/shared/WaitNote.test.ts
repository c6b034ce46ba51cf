import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import WaitNote from './WaitNote.vue'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

async function late(props: { what: string; reloads?: boolean }) {
  const note = mount(WaitNote, { props })
  expect(note.text()).toBe(`Fetching ${props.what} …`)
  vi.advanceTimersByTime(9_000)
  await nextTick()
  return note
}

it('says after a while that it takes longer than usual', async () => {
  const note = await late({ what: 'the top' })
  expect(note.text()).toContain('longer than usual')
  expect(note.find('button').exists()).toBe(false)
})

it('loads the page again only where nothing typed can be lost', async () => {
  const note = await late({ what: 'the page', reloads: true })
  expect(note.find('button').text()).toBe('Ask again')
})
