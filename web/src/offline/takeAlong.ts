import { computed, onUnmounted, ref, watch, type Ref } from 'vue'
import { call } from '@/api/client'
import { useAnswering } from '@/api/answering'

/** So many cards at most; who sews more batches opens those she takes along. */
const MOST_CARDS = 200
const BETWEEN_MS = 60

/** Begins what runs between the pages and the server; browsers have it for addresses of this machine and for https. */
export function startOffline() {
  if (!('serviceWorker' in navigator)) return
  window.addEventListener('load', () => void navigator.serviceWorker.register('/worker.js').catch(() => undefined))
}

const isControlled = () => 'serviceWorker' in navigator && !!navigator.serviceWorker.controller

/**
 * Asks once for everything that the table needs of a quilt, so that the browser has it when there is no network. One after
 * the other, and only while the server answers.
 *
 * @param quiltId which quilt
 * @param batches keys of its batches, once they are known
 */
export function useTakenAlong(quiltId: Ref<string | undefined>, batches: Ref<readonly string[] | undefined>) {
  const answering = useAnswering()
  const here = ref(new Set<string>())
  /** Whether the stations themselves were answered, each of them. */
  const stations = ref(false)
  let going: { stopped: boolean } | undefined

  async function take(id: string, keys: readonly string[]) {
    const turn = { stopped: false }
    going = turn
    const ask = [
      () => call('GET', '/api/quilts', undefined),
      () => call('GET', '/api/quilts/{id}', { path: { id } }),
      () => call('GET', '/api/quilts/{id}/top', { path: { id } }),
      () => call('GET', '/api/quilts/{id}/tally', { path: { id } }),
      () => call('GET', '/api/quilts/{id}/cut', { path: { id } }),
      () => call('GET', '/api/quilts/{id}/sew', { path: { id } }),
      () => call('GET', '/api/shelf', undefined),
    ]
    let answered = true
    for (const each of ask) if (!turn.stopped) await each().catch(() => (answered = false))
    if (!turn.stopped) stations.value = answered && answering.value
    for (const batch of keys.slice(0, MOST_CARDS)) {
      if (turn.stopped || !answering.value) return
      if (here.value.has(batch)) continue
      try {
        await call('GET', '/api/quilts/{id}/sew/card', { path: { id }, query: { batch } })
        here.value = new Set(here.value).add(batch)
      } catch {
        // Asked for again when the station is opened the next time.
      }
      await new Promise((resolve) => setTimeout(resolve, BETWEEN_MS))
    }
  }
  function stop() {
    if (going) going.stopped = true
  }

  watch(
    [quiltId, () => batches.value?.join(' ')],
    () => {
      stop()
      here.value = new Set()
      stations.value = false
      if (quiltId.value && batches.value && isControlled() && answering.value) void take(quiltId.value, batches.value)
    },
    { immediate: true },
  )
  onUnmounted(stop)
  const wanted = computed(() => batches.value?.length ?? 0)
  return {
    /** Whether this browser keeps anything at all. */
    can: computed(() => here.value.size > 0),
    cards: computed(() => here.value.size),
    wanted,
    all: computed(() => stations.value && wanted.value > 0 && here.value.size >= wanted.value),
  }
}
