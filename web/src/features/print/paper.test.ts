import { describe, expect, it } from 'vitest'
import { printed } from './paper'

describe('A sheet', () => {
  it('is asked for as it is to be printed', () => {
    expect(printed('/cut.pdf', { paper: '', black: false })).toBe('/cut.pdf')
    expect(printed('/cut.pdf', { paper: 'a4', black: true })).toBe('/cut.pdf?paper=a4&ink=black')
    expect(printed('/cut.pdf', { paper: '', black: true })).toBe('/cut.pdf?ink=black')
  })
})
