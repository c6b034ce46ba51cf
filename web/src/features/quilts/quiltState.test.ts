import { describe, expect, it } from 'vitest'
import { quiltState } from './quiltState'

const whole = {
  buys: [] as string[],
  buysOfNoCloth: [] as string[],
  notCounted: [] as string[],
  cut: 0,
  cutSteps: 12,
  sewn: 0,
  sets: 40,
  next: { station: 'cut', says: 'Cut oat next: 3 steps' },
}
const says = (part: Partial<typeof whole>) => quiltState({ ...whole, ...part }).says

describe('How far a quilt is', () => {
  it('is ready only when nothing is short, wrong or still to choose', () => {
    expect(quiltState(whole)).toEqual({ says: 'Enough fabric, ready to cut', look: 'ready' })
    expect(says({ buysOfNoCloth: ['3 3/4 yd backing'] })).toBe('Enough fabric, but for 3 3/4 yd backing')
    expect(says({ notCounted: ['border 1'] })).toBe('Some fabric is still to choose')
    expect(says({ next: { station: 'top', says: 'Put right: border 2' } })).toBe('Put right: border 2')
    expect(says({ buys: ['1/4 yd ink'] })).toBe('Needs 1/4 yd ink')
    expect(says({ buys: ['1/4 yd a', '1 yd b', '2 yd c', '1 yd d'] })).toBe('Needs 1/4 yd a, 1 yd b and 2 more')
  })

  it('says what is done, and what is still short, once it is begun', () => {
    expect(says({ cut: 3 })).toBe('Cut 3 of 12 · sewn 0 of 40')
    expect(says({ cut: 12, sewn: 7, buys: ['1/8 yd ink'] })).toBe('Cut 12 of 12 · sewn 7 of 40 · needs 1/8 yd ink')
    expect(says({ cut: 12, sewn: 40, buys: ['1/8 yd ink'] })).toBe('Everything is sewn')
  })
})
