import { onScopeDispose } from 'vue'
import { call } from '@/api/client'
import type { QuiltDesign, useOpenQuilt } from '@/features/quilts'

/** A number of blocks is typed digit by digit: what comes of it is dressed after the last. */
const PAUSE_MS = 500

/**
 * Changes of a top; where it grows and its blocks were dealt, the new ones are dealt too. Without an answer they stay as the
 * block was designed, as long as there is none.
 */
export function useGrowth(quilt: Pick<ReturnType<typeof useOpenQuilt>, 'id' | 'design' | 'change' | 'changeToo'>) {
  /** Of which quilt, and how many blocks it had before the changes that follow one another closely. */
  let before: { id: string | undefined; across: number; down: number } | undefined
  let pause: ReturnType<typeof setTimeout> | undefined

  function change(part: Partial<QuiltDesign>, typing = false) {
    const was = quilt.design.value
    quilt.change(part, typing)
    if (!was || !part.setting || !was.places.some((place) => place.exchanges.length)) return
    if (before?.id !== quilt.id.value) before = undefined
    before ??= { id: quilt.id.value, across: was.setting.across, down: was.setting.down }
    clearTimeout(pause)
    pause = setTimeout(() => void dress(), PAUSE_MS)
  }

  async function dress() {
    const design = quilt.design.value
    const from = before
    before = undefined
    if (!design || !from || from.id !== quilt.id.value) return
    const { across, down } = design.setting
    if (across <= from.across && down <= from.down) return
    try {
      const { places } = await call('POST', '/api/top/grown', {
        body: { design, across: from.across, down: from.down },
      })
      // Whoever went on meanwhile has the blocks as they are.
      if (quilt.design.value === design && places.length > design.places.length) quilt.changeToo({ places })
    } catch {
      // Offline, or a top that cannot be made: nothing is dressed.
    }
  }

  // Whoever leaves the station at once has her new blocks dealt all the same.
  onScopeDispose(() => {
    clearTimeout(pause)
    void dress()
  })
  return { change }
}
