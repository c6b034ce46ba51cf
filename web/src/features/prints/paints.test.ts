import { describe, expect, it } from 'vitest'
import { lightness, painted, paintOf, paintsOf, plainColours } from './paints'

describe('what a patch is filled with', () => {
  it('is the pattern of its print in its own colour, made once', () => {
    expect(paintsOf(['#22384d', '#efe6d0', '#22384d'], ['STAR', 'PLAIN', 'STAR'])).toEqual([
      'url(#print-STAR--22384d)',
      '#efe6d0',
      'url(#print-STAR--22384d)',
    ])
    expect(painted.get('print-STAR--22384d')).toMatchObject({ colour: '#22384d', dark: true })
    expect(painted.size).toBe(1)
  })

  it('is light on a dark ground and dark on a light one, in grey as well', () => {
    expect(lightness('#ffffff')).toBeCloseTo(1)
    expect(lightness('#000000')).toBe(0)
    paintOf('lab(80% 0 0)', 'DOT')
    expect([...painted.values()].at(-1)).toMatchObject({ colour: 'lab(80% 0 0)', dark: false })
  })

  it('is the colour alone where prints are switched off', () => {
    plainColours.value = true
    expect(paintOf('#22384d', 'STAR')).toBe('#22384d')
    plainColours.value = false
  })
})
