import { beforeEach, describe, expect, it } from 'vitest'
import { lastPlace } from './lastPlace'

describe('Where a quilt was left', () => {
  beforeEach(() => localStorage.clear())

  it('is where it opens again, each by itself, the newest first', () => {
    expect(lastPlace.stationOf('a')).toBeUndefined()
    lastPlace.leaveAt('a', 'cut')
    lastPlace.leaveAt('b', 'top')
    lastPlace.leaveAt('a', 'sew')
    expect(lastPlace.stationOf('a')).toBe('sew')
    expect(lastPlace.stationOf('b')).toBe('top')
    expect(lastPlace.newestOf(['b', 'a'])).toBe('a')
    expect(lastPlace.newestOf(['b'])).toBe('b')
    expect(lastPlace.newestOf(['c'])).toBeUndefined()
  })

  it('is kept of the fifty newest', () => {
    for (let i = 0; i <= 50; i++) lastPlace.leaveAt(`q${i}`, 'top')
    expect(lastPlace.stationOf('q0')).toBeUndefined()
    expect(lastPlace.stationOf('q1')).toBe('top')
  })
})
