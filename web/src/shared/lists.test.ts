import { describe, expect, it, vi } from 'vitest'
import { openListsByKeys } from './lists'

describe('A list of the page', () => {
  openListsByKeys(document)
  const list = document.createElement('select')
  document.body.append(list)
  const press = (key: string, held: KeyboardEventInit = {}) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...held })
    list.dispatchEvent(event)
    return event.defaultPrevented
  }

  it('is opened by what would pass over its lines', () => {
    const opened = (list.showPicker = vi.fn())
    expect(['ArrowDown', 'Home', 'PageUp', 'o', ' '].map((key) => press(key))).toEqual(Array(5).fill(true))
    expect(opened).toHaveBeenCalledTimes(5)
    expect(['Tab', 'Enter', 'Escape', 'Shift'].map((key) => press(key))).toEqual(Array(4).fill(false))
    expect(press('a', { ctrlKey: true })).toBe(false)
    expect(opened).toHaveBeenCalledTimes(5)
  })

  it('keeps its own ways where a page may not open it', () => {
    list.showPicker = () => {
      throw new DOMException('not here', 'SecurityError')
    }
    expect(press('ArrowDown')).toBe(false)
    list.multiple = true
    list.showPicker = vi.fn()
    expect(press('ArrowDown')).toBe(false)
  })
})
