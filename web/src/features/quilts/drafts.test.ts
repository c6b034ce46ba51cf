import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { BrowserDrafts, type Draft } from './drafts'
import type { QuiltDesign } from './OpenQuilt'

const draft = (closeInValue: number): Draft => ({
  version: 3,
  waiting: [{ edit: 'e', name: 'Test', design: { closeInValue } as unknown as QuiltDesign, sameStep: false }],
})

let databases = 0

describe('what waits in a browser', () => {
  let drafts: BrowserDrafts

  beforeEach(() => {
    localStorage.clear()
    drafts = new BrowserDrafts(`test${++databases}`)
  })

  it('is kept for each tab by itself, and goes for that tab alone', async () => {
    expect(await drafts.write('q', 'one', draft(1))).toBe(true)
    expect(await drafts.write('q', 'two', draft(2))).toBe(true)
    await drafts.write('other', 'one', draft(3))
    expect([...(await drafts.of('q'))]).toEqual([
      ['one', draft(1)],
      ['two', draft(2)],
    ])
    await drafts.remove('q', 'one')
    expect([...(await drafts.of('q')).keys()]).toEqual(['two'])
    expect((await drafts.quilts()).sort()).toEqual(['other', 'q'])
  })

  it('is found where earlier versions kept it, and moves', async () => {
    localStorage.setItem('golden-tally.draft.q', JSON.stringify(draft(7)))
    expect(await drafts.quilts()).toEqual(['q'])
    expect([...(await drafts.of('q'))]).toEqual([['earlier', draft(7)]])
    expect(localStorage.getItem('golden-tally.draft.q')).toBeNull()
  })
})
