import { describe, expect, it } from 'vitest'
import { show } from './shows'

describe('a field that tells its change once it is left', () => {
  const field = () => {
    const made = { value: '' }
    show(made, 'Pinwheels', false)
    return made
  }

  it('keeps what is being typed when anything is shown anew', () => {
    const name = field()
    name.value = 'Pinwheels for'
    show(name, 'Pinwheels', true)
    show(name, 'Named elsewhere', true)
    expect(name.value).toBe('Pinwheels for')
  })

  it('shows what is kept once it is left', () => {
    const name = field()
    name.value = ' Pinwheels '
    show(name, 'Pinwheels', false)
    expect(name.value).toBe('Pinwheels')
  })

  it('follows its value while nothing is typed, and once what was typed is its value', () => {
    const name = field()
    show(name, 'Named elsewhere', true)
    expect(name.value).toBe('Named elsewhere')
    name.value = 'For Ida'
    show(name, 'For Ida', true)
    show(name, 'For Ada', true)
    expect(name.value).toBe('For Ada')
    show(name, 12, true)
    expect(name.value).toBe('12')
  })
})
