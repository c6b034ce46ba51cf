import { type QueryClient, useQueryClient } from '@tanstack/vue-query'
import { computed, shallowReactive, shallowRef } from 'vue'
import { askAnew } from '@/api/askAnew'
import { OpenQuilt, quiltsWithDrafts } from './OpenQuilt'

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
    if (kept !== shown.value && !kept.waiting.value) quilts.delete(kept.id)
  })
  quilts.set(id, quilt)
  return quilt
}

/** Sends what this browser still holds of any quilt, whichever page is open. */
export function sendDrafts(withClient: QueryClient) {
  client = withClient
  for (const id of quiltsWithDrafts()) {
    quiltOf(id)
      .load()
      .catch(() => quilts.get(id) !== shown.value && quilts.delete(id))
  }
}

async function open(id: string) {
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
    design: computed(() => shown.value?.design.value),
    saveState: computed(() => shown.value?.saveState.value ?? 'kept'),
    problems: computed(() => shown.value?.problems.value ?? []),
    undoes: computed(() => shown.value?.undoes.value ?? ''),
    redoes: computed(() => shown.value?.redoes.value ?? ''),
    /** Changes that are not kept yet, of this quilt and of others that were open before. */
    waiting: computed(() => [...quilts.values()].reduce((sum, quilt) => sum + quilt.waiting.value, 0)),
    open,
    close,
    change: (...change: Parameters<OpenQuilt['change']>) => shown.value?.change(...change),
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
