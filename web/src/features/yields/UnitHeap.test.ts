import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import UnitHeap from './UnitHeap.vue'

const square = {
  width: 3,
  height: 3,
  patches: [{ kind: 'cloth', points: '0,0 3,0 0,3', cloth: 'A', wrongSide: false, layer: 0 }],
}
const heap = (units: number) => mount(UnitHeap, { props: { units, picture: square, label: `${units} units` } })

describe('UnitHeap', () => {
  it('lays out as many as there are', () => {
    expect(heap(8).findAll('use')).toHaveLength(8)
    expect(heap(0).findAll('use')).toHaveLength(0)
  })

  it('says how many more there are than can be counted at a glance', () => {
    expect(heap(60).text()).toBe('')
    expect(heap(75).findAll('use')).toHaveLength(60)
    expect(heap(75).text()).toBe('and 15 more')
  })

  it('leaves a gap after five in a row of ten', () => {
    const places = heap(30)
      .findAll('use')
      .map((use) => Number(use.attributes('x')))
    expect(places[5]! - places[4]!).toBeGreaterThan(places[4]! - places[3]!)
  })
})
