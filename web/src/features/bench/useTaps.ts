import { type QueryClient, useQueryClient } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, shallowReactive, toValue } from 'vue'
import type { Schemas } from '@/api/client'
import { quiltsWithTaps, type Tap, Taps } from './Taps'
import { withTaps } from './unconfirmed'

const byQuilt = shallowReactive(new Map<string, Taps>())
let client: QueryClient | undefined

function tapsOf(quiltId: string): Taps {
  let taps = byQuilt.get(quiltId)
  if (!taps) {
    taps = new Taps(quiltId, (tap, answer) => confirmed(quiltId, tap, answer))
    byQuilt.set(quiltId, taps)
  }
  return taps
}

/** A kept tap is counted into what the pages have, so that no count jumps until the server's own is here. */
function countIn(quiltId: string, tap: Tap) {
  client?.setQueriesData<Schemas['SewView']>({ queryKey: ['quilt', quiltId, 'sew', 'batches'] }, (sew) => {
    if (!sew) return sew
    const batches = sew.batches.map((batch) => {
      const { good, setsMade, setsSpoiled, spoiled } = withTaps(batch, [tap])
      return { ...batch, good, setsMade, setsSpoiled, spoiled }
    })
    return { ...sew, batches }
  })
}

/** What the server answers replaces what the screen counted on. */
async function confirmed(quiltId: string, tap: Tap, answer: unknown) {
  const batches = { queryKey: ['quilt', quiltId, 'sew', 'batches'] }
  if (tap.kind === 'log' && answer) {
    // An answer that is under way may have been worked out before this tap.
    await client?.cancelQueries(batches)
    countIn(quiltId, tap)
    client?.setQueryData(['quilt', quiltId, 'sew', 'card', tap.entry.batch], answer)
    void client?.invalidateQueries({ queryKey: ['quilt', quiltId, 'sew'] })
    return
  }
  await client?.invalidateQueries({ queryKey: ['quilt', quiltId, tap.kind === 'log' ? 'sew' : 'cut'] })
}

/** Sends what this browser still holds of any quilt, whichever page is open. */
export function sendTaps(withClient: QueryClient) {
  client = withClient
  quiltsWithTaps().forEach(tapsOf)
}

/** How many taps of all quilts wait because nobody answered. */
export function useStuckTaps() {
  return computed(() => [...byQuilt.values()].reduce((sum, taps) => sum + (taps.stuck.value ? taps.waiting.value.length : 0), 0))
}

/** The taps of a quilt: writing them, and those that wait to be kept. */
export function useTaps(quiltId: MaybeRefOrGetter<string>) {
  client = useQueryClient()
  const taps = computed(() => tapsOf(toValue(quiltId)))
  return {
    write: (entry: Parameters<Taps['write']>[0]) => taps.value.write(entry),
    tick: (step: string, done: boolean) => taps.value.tick(step, done),
    waiting: computed(() => taps.value.waiting.value),
    problems: computed(() => taps.value.problems.value),
    stuck: computed(() => taps.value.stuck.value),
  }
}
