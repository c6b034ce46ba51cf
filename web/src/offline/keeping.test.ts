import { describe, expect, it } from 'vitest'
import { FROM_BEFORE, isKept, ofBefore } from './keeping'

describe('What opens without a network', () => {
  it('is what the stations show, not files to take away nor how the application is', () => {
    const kept = [
      '/api/quilts',
      '/api/quilts/1/sew/card',
      '/api/quilts/1/cut.pdf',
      '/api/shelf',
      '/api/quilts/1/cut/a/0.svg',
    ]
    const not = [
      '/worker.js',
      '/api/health',
      '/api/everything',
      '/api/quilts/1/plan/searches/2',
      '/api/quilts/1/top.json',
    ]
    expect(kept.filter(isKept)).toEqual(kept)
    expect(not.filter(isKept)).toEqual([])
  })

  it('is marked as an answer of before and says the same', async () => {
    const again = ofBefore(new Response('{"a":1}', { status: 200, headers: { 'Content-Type': 'application/json' } }))
    expect(again.headers.get(FROM_BEFORE)).toBe('yes')
    expect(await again.json()).toEqual({ a: 1 })
  })
})
