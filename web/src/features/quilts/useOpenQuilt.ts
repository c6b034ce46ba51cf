import { type QueryClient, useQueryClient } from '@tanstack/vue-query'
import { computed, shallowReactive, shallowRef } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, Refusal } from '@/api/client'
import { browser, OpenQuilt } from './OpenQuilt'

export type { QuiltDesign, SaveState } from './OpenQuilt'

/** Quilts that are open or still have something to be kept. */
const quilts = shallowReactive(new Map<string, OpenQuilt>())
const shown = shallowRef<OpenQuilt>()
let client: QueryClient | undefined

function quiltOf(id: string): OpenQuilt {
  const known = quilts.get(id)
  if (known) return known
  const quilt = new OpenQuilt(id, (kept) => {
    void askAnew(client, ['quilt', kept.id])
    void askAnew(client, ['quilts'])
    if (kept !== shown.value && kept.isDone) quilts.delete(kept.id)
  })
  quilts.set(id, quilt)
  return quilt
}

const NOT_FOUND = 404

/** How often it is looked for what waits in tabs that are gone. */
const LOOK_AGAIN_MS = 20_000

/** Sends what this browser still holds of any quilt, whichever page is open; what a tab that is gone held, too. */
export function sendDrafts(withClient: QueryClient) {
  client = withClient
  noteDeleted(withClient)
  void sendAll()
  setInterval(() => void sendAll(), LOOK_AGAIN_MS)
}

async function sendAll() {
  for (const id of await browser.drafts.quilts()) {
    const known = quilts.get(id)
    if (known) {
      void known.takeOver()
      continue
    }
    const quilt = quiltOf(id)
    quilt
      .load()
      .catch(() => {})
      .finally(() => quilt !== shown.value && quilt.isDone && quilts.delete(id))
  }
}

/** A quilt that was open here and has been deleted elsewhere, by its name. */
const gone = shallowRef<string>()

/** Where something of the open quilt is not there any more, it is looked whether the quilt is. */
function noteDeleted(withClient: QueryClient) {
  withClient.getQueryCache().subscribe((event) => {
    if (event.type !== 'updated' || event.action.type !== 'error') return
    const [what, id] = event.query.queryKey
    const error: unknown = event.action.error
    const isMissing = error instanceof Refusal && error.status === NOT_FOUND
    if (what === 'quilt' && id === shown.value?.id && isMissing) void lookForIt(id as string)
  })
}

async function lookForIt(id: string) {
  try {
    await call('GET', '/api/quilts/{id}', { path: { id } })
  } catch (error) {
    const isGone = error instanceof Refusal && error.status === NOT_FOUND
    if (isGone && shown.value?.id === id) gone.value = shown.value.name.value
  }
}

async function open(id: string) {
  gone.value = undefined
  const quilt = quiltOf(id)
  if (shown.value !== quilt) {
    close()
    shown.value = quilt
  }
  await quilt.load()
}

function close() {
  const left = shown.value
  shown.value = undefined
  if (!left) return
  left.leave()
  if (left.isDone) quilts.delete(left.id)
}

/** The quilt that is open: one at a time. */
export function useOpenQuilt() {
  client = useQueryClient()
  return {
    id: computed(() => (shown.value?.design.value ? shown.value.id : undefined)),
    name: computed(() => shown.value?.name.value ?? ''),
    /** The name of the quilt that was open, where it has been deleted elsewhere meanwhile. */
    gone: computed(() => gone.value),
    design: computed(() => shown.value?.design.value),
    saveState: computed(() => shown.value?.saveState.value ?? 'kept'),
    problems: computed(() => shown.value?.problems.value ?? []),
    trouble: computed(() => shown.value?.trouble.value ?? ''),
    undoes: computed(() => shown.value?.undoes.value ?? ''),
    redoes: computed(() => shown.value?.redoes.value ?? ''),
    /** Changes that are not kept yet, of this quilt and of others that were open before. */
    waiting: computed(() => [...quilts.values()].reduce((sum, quilt) => sum + quilt.waiting.value, 0)),
    /** Whether all that waits outlives this page. */
    stored: computed(() => [...quilts.values()].every((quilt) => quilt.stored.value)),
    open,
    close,
    change: (...change: Parameters<OpenQuilt['change']>) => shown.value?.change(...change),
    changeToo: (part: Parameters<OpenQuilt['changeToo']>[0]) => shown.value?.changeToo(part),
    changeBy: async (work: Parameters<OpenQuilt['changeBy']>[0]) => shown.value?.changeBy(work),
    rename: async (name: string) => shown.value?.rename(name),
    undo: async () => shown.value?.undo(),
    redo: async () => shown.value?.redo(),
    goTo: async (step: number) => shown.value?.goTo(step),
    takeOut: async (step: number) => shown.value?.takeOut(step),
    keepMine: async () => shown.value?.keepMine(),
    takeTheirs: async () => shown.value?.takeTheirs(),
  }
}
