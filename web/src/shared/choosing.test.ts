import { describe, expect, it } from 'vitest'
import { choosing } from './choosing'

describe('a list that something is taken from', () => {
  const list = { value: 'oat' } as HTMLSelectElement
  const key = (name: string) => ({ key: name, target: list, preventDefault: () => {} }) as unknown as KeyboardEvent
  const changed = { target: list } as unknown as Event

  it('takes at once by the pointer', () => {
    const taken: string[] = []
    const on = choosing((each) => taken.push(each.value))
    on.pointerdown()
    on.change(changed)
    expect(taken).toEqual(['oat'])
  })

  it('takes nothing that keys pass over, until Enter', () => {
    const taken: string[] = []
    const on = choosing((each) => taken.push(each.value))
    for (const letter of 'oat') {
      on.keydown(key(letter))
      on.change(changed)
    }
    expect(taken).toEqual([])
    on.keydown(key('Enter'))
    expect(taken).toEqual(['oat'])
    on.keydown(key('Tab'))
    on.change(changed)
    expect(taken).toEqual(['oat', 'oat'])
  })
})
