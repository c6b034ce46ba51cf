import { useQueryClient } from '@tanstack/vue-query'
import { computed, readonly, ref, shallowRef } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'

export type QuiltDesign = Schemas['QuiltDesign']
type StoredQuilt = Schemas['StoredQuilt']

/** How the design on the screen stands to the one that is kept. */
export type SaveState = 'kept' | 'keeping' | 'refused' | 'conflict' | 'unreachable'

/** Typing pauses this long before it is sent. */
const TYPING_PAUSE_MS = 250

/** A change on its way to the server; with `sameStep` it goes on with the step before it. */
interface Waiting {
  design: QuiltDesign
  sameStep: boolean
}

const id = ref<string>()
const name = ref('')
const version = ref(0)
const design = shallowRef<QuiltDesign>()
const saveState = ref<SaveState>('kept')
const problems = shallowRef<Problem[]>([])
const canUndo = ref(false)
const canRedo = ref(false)
let waiting: Waiting[] = []
let timer: ReturnType<typeof setTimeout> | undefined
let sending: Promise<void> | undefined

/** What is typed but not kept yet survives a reload here, one entry a quilt. */
const unsavedKey = (quiltId: string) => `golden-tally.unsaved.${quiltId}`

/**
 * The quilt that is open: its design as on the screen, changed at once and kept a moment later, step by step, so that
 * each can be undone, even after a reload. There is one for the whole application, since one quilt is open at a time.
 */
export function useOpenQuilt() {
  const client = useQueryClient()

  function take(stored: StoredQuilt) {
    name.value = stored.name
    design.value = stored.design
    problems.value = []
    waiting = []
    keptAs(stored)
  }

  function keptAs(stored: StoredQuilt) {
    version.value = stored.version
    canUndo.value = stored.canUndo
    canRedo.value = stored.canRedo
    if (!waiting.length) {
      saveState.value = 'kept'
      localStorage.removeItem(unsavedKey(stored.id))
    }
    void client.invalidateQueries({ queryKey: ['quilt', stored.id] })
  }

  async function open(quiltId: string) {
    if (id.value === quiltId && design.value) return
    design.value = undefined
    const stored = await call<StoredQuilt>('GET', `/api/quilts/${quiltId}`)
    const unsaved = localStorage.getItem(unsavedKey(quiltId))
    id.value = quiltId
    take(stored)
    if (unsaved) {
      const draft = JSON.parse(unsaved) as QuiltDesign
      if (draft.format === stored.design.format) {
        show(draft)
        waiting = [{ design: draft, sameStep: false }]
        await send()
      }
    }
  }

  function show(changed: QuiltDesign) {
    design.value = changed
    localStorage.setItem(unsavedKey(id.value!), JSON.stringify(changed))
  }

  /** Changes the design; with `typing`, waits for a pause and goes on with the step that the typing began. */
  function change(part: Partial<QuiltDesign>, typing = false) {
    if (!design.value) return
    show({ ...design.value, ...part })
    const goesOn = typing && timer !== undefined && waiting.length > 0
    if (goesOn) waiting[waiting.length - 1]!.design = design.value
    else waiting.push({ design: design.value, sameStep: false })
    saveState.value = 'keeping'
    clearTimeout(timer)
    timer = undefined
    if (typing) {
      timer = setTimeout(() => {
        timer = undefined
        void send()
      }, TYPING_PAUSE_MS)
    } else {
      void send()
    }
  }

  /** Sends what waits, in order and one at a time, so that each is built on the version before. */
  function send(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = undefined))
    return sending
  }

  async function sendAll() {
    while (waiting.length && timer === undefined) {
      const next = waiting[0]!
      try {
        const stored = await call<StoredQuilt>('PUT', `/api/quilts/${id.value}`, {
          version: version.value,
          name: name.value,
          ...next,
        })
        waiting.shift()
        problems.value = []
        keptAs(stored)
      } catch (error) {
        const status = error instanceof Refusal ? error.status : 0
        saveState.value = status === 409 ? 'conflict' : status === 0 ? 'unreachable' : 'refused'
        problems.value = saveState.value === 'refused' ? problemsOf(error) : []
        // What cannot be kept stays on the screen and goes with the next change.
        waiting = saveState.value === 'refused' ? [] : waiting.slice(-1)
        return
      }
    }
  }

  /** Everything typed so far is kept first; then the server goes a step back or forth. */
  async function goStep(which: 'undo' | 'redo') {
    if (timer !== undefined) {
      clearTimeout(timer)
      timer = undefined
    }
    await send()
    if (waiting.length || !id.value) return
    try {
      take(await call<StoredQuilt>('POST', `/api/quilts/${id.value}/${which}`, { version: version.value }))
    } catch (error) {
      saveState.value = error instanceof Refusal && error.status === 409 ? 'conflict' : 'unreachable'
    }
  }

  /** A change that the server makes, such as taking an offer: what was typed is kept first, and it is a step as well. */
  async function changeBy(work: (version: number) => Promise<StoredQuilt>) {
    if (timer !== undefined) {
      clearTimeout(timer)
      timer = undefined
    }
    await send()
    if (waiting.length || !id.value) return
    take(await work(version.value))
  }

  async function rename(newName: string) {
    name.value = newName
    waiting.push({ design: design.value!, sameStep: true })
    saveState.value = 'keeping'
    await send()
    void client.invalidateQueries({ queryKey: ['quilts'] })
  }

  async function keepMine() {
    const theirs = await call<StoredQuilt>('GET', `/api/quilts/${id.value}`)
    version.value = theirs.version
    waiting = [{ design: design.value!, sameStep: false }]
    await send()
  }

  async function takeTheirs() {
    take(await call<StoredQuilt>('GET', `/api/quilts/${id.value}`))
  }

  function close() {
    id.value = undefined
    design.value = undefined
  }

  return {
    id: readonly(id),
    name: readonly(name),
    design: computed(() => design.value),
    saveState: readonly(saveState),
    problems: computed(() => problems.value),
    canUndo: readonly(canUndo),
    canRedo: readonly(canRedo),
    open,
    close,
    change,
    changeBy,
    rename,
    undo: () => goStep('undo'),
    redo: () => goStep('redo'),
    keepMine,
    takeTheirs,
  }
}
