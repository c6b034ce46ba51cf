import { type QueryClient, useQueryClient } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, shallowReactive, toValue } from 'vue'
import { askAnew } from '@/api/askAnew'
import type { Schemas } from '@/api/client'
import { quiltsWithTaps, type Tap, Taps } from './Taps'

const byQuilt = shallowReactive(new Map<string, Taps>())
let client: QueryClient | undefined

/** After so many the server's count is taken as it is. */
const MOST_FETCHES = 8

function tapsOf(quiltId: string): Taps {
  let taps = byQuilt.get(quiltId)
  if (!taps) {
    taps = new Taps(quiltId, (tap, answer) => confirmed(quiltId, tap, answer))
    byQuilt.set(quiltId, taps)
  }
  return taps
}

/** Whether what the pages have of the batches holds the tap; so too where they have nothing that lacks it. */
function isShown(quiltId: string, tap: Tap): boolean {
  const pages =
    client?.getQueriesData<Schemas['SewView']>({ queryKey: ['quilt', quiltId, 'sew', 'batches'], type: 'active' }) ?? []
  return pages.every(([, sew]) => !sew || sew.known.includes(tap.id))
}

/** What the server answers replaces what the screen counted on; done once the pages have it. */
async function confirmed(quiltId: string, tap: Tap, answer: unknown) {
  if (tap.kind === 'tick' || !answer) {
    await askAnew(client, ['quilt', quiltId, tap.kind === 'tick' ? 'cut' : 'sew'])
    return
  }
  client?.setQueryData(['quilt', quiltId, 'sew', 'card', tap.entry.batch], answer)
  await askAnew(client, ['quilt', quiltId, 'sew'])
  // The next tap may have ended this fetch and begun another, which is then waited for.
  for (let tries = 1; tries < MOST_FETCHES && !isShown(quiltId, tap); tries++) {
    // eslint-disable-next-line no-restricted-syntax
    await client?.invalidateQueries({ queryKey: ['quilt', quiltId, 'sew'] }, { cancelRefetch: false })
  }
}

/** Sends what this browser still holds of any quilt, whichever page is open. */
export function sendTaps(withClient: QueryClient) {
  client = withClient
  quiltsWithTaps().forEach(tapsOf)
}

/** How many taps of all quilts wait because nobody answered. */
export function useStuckTaps() {
  return computed(() =>
    [...byQuilt.values()].reduce((sum, taps) => sum + (taps.stuck.value ? taps.waiting.value.length : 0), 0),
  )
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
