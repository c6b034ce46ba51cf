import { describe, expect, it } from 'vitest'
import { OneByOne } from './oneByOne'

describe('questions one by one', () => {
  it('asks the next once the one before is answered, or has failed, and none that nobody waits for', async () => {
    const asked: string[] = []
    const turns = new OneByOne()
    const open = new AbortController()
    const gone = new AbortController()
    let answer: (value: string) => void = () => {}
    const first = turns.ask(() => {
      asked.push('first')
      return new Promise<string>((resolve) => (answer = resolve))
    }, open.signal)
    const second = turns.ask(() => (asked.push('second'), Promise.reject(new Error('no'))), open.signal)
    const third = turns.ask(() => (asked.push('third'), Promise.resolve(3)), gone.signal)
    const fourth = turns.ask(() => (asked.push('fourth'), Promise.resolve(4)), open.signal)
    await Promise.resolve()
    expect(asked).toEqual(['first'])
    gone.abort()
    answer('done')
    expect(await first).toBe('done')
    await expect(second).rejects.toThrow('no')
    await expect(third).rejects.toThrow()
    expect(await fourth).toBe(4)
    expect(asked).toEqual(['first', 'second', 'fourth'])
  })
})
