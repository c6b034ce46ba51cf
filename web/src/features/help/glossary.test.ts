import { describe, expect, it } from 'vitest'
import { find, WORDS, wordOf } from './glossary'

describe('the glossary', () => {
  it('leads from every form of a word to one entry', () => {
    const forms = WORDS.flatMap((word) => [word.term, ...word.also])
    expect(new Set(forms).size).toBe(forms.length)
    for (const word of WORDS) {
      expect(wordOf(word.term)).toBe(word)
      for (const form of word.also) expect(wordOf(` ${form.toUpperCase()} `)).toBe(word)
    }
    expect(wordOf('sewing machine')).toBeUndefined()
  })

  it('says of each word what it is, in whole sentences, and draws inside its box', () => {
    for (const word of WORDS) {
      expect(word.says).toMatch(/^[A-Z].*\.$/)
      for (const mark of word.drawing ?? []) {
        for (const point of mark.points.split(' ')) {
          const [x, y] = point.split(',').map(Number)
          expect(x! >= 0 && x! <= 100 && y! >= 0 && y! <= 60).toBe(true)
        }
      }
    }
  })

  it('finds entries by what they say', () => {
    expect(find('two triangles corner').map((word) => word.term)).toContain('half-square triangle')
    expect(find('')).toHaveLength(WORDS.length)
  })
})
