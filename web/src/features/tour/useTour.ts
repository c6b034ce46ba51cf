import { computed, ref } from 'vue'
import type { Router } from 'vue-router'
import { call } from '@/api/client'
import { STOPS } from './stops'

const KEPT = 'tour'
const OUR_QUILT = 'lantern-street'

interface Tour {
  quilt: string
  at: number
}

function read(): Tour | undefined {
  try {
    const found = JSON.parse(sessionStorage.getItem(KEPT) ?? 'null') as Tour | null
    return found && STOPS[found.at] ? found : undefined
  } catch {
    return undefined
  }
}
/** Where the tour is, in this window; it goes on where it was when the page is loaded again. */
const tour = ref<Tour | undefined>(read())

function write(now: Tour | undefined) {
  tour.value = now
  try {
    if (now) sessionStorage.setItem(KEPT, JSON.stringify(now))
    else sessionStorage.removeItem(KEPT)
  } catch {
    // It is then only kept until the page is loaded again.
  }
}

/** A walk through the five stations with a quilt of ours, which is a quilt like any other. */
export function useTour(router: Router) {
  const stop = computed(() => tour.value && STOPS[tour.value.at])
  const number = computed(() => (tour.value ? tour.value.at + 1 : 0))

  async function goTo(at: number, quilt: string) {
    write({ quilt, at })
    await router.push(`/quilts/${quilt}/${STOPS[at]!.station}`)
  }
  async function start() {
    const quilt = await call('POST', '/api/our-quilts/{key}/take', { path: { key: OUR_QUILT } })
    await goTo(0, quilt.id)
  }
  async function move(by: 1 | -1) {
    if (tour.value && STOPS[tour.value.at + by]) await goTo(tour.value.at + by, tour.value.quilt)
  }
  /** The quilt stays in the list, or is deleted with a way back. */
  async function end(keep: boolean) {
    const quilt = tour.value?.quilt
    if (!quilt || keep) return write(undefined)
    await call('DELETE', '/api/quilts/{id}', { path: { id: quilt } })
    write(undefined)
    await router.push('/quilts')
  }
  return { stop, number, of: STOPS.length, start, move, end }
}
