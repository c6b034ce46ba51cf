import { useQueryClient } from '@tanstack/vue-query'
import { computed, readonly, ref, shallowRef } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'

export type QuiltDesign = Schemas['QuiltDesign']
type StoredQuilt = Schemas['StoredQuilt']

/** How the design on the screen stands to the one that is kept. */
export type SaveState = 'kept' | 'keeping' | 'refused' | 'conflict' | 'unreachable'

/** Typing pauses this long before it is sent. */
const TYPING_PAUSE_MS = 300

const id = ref<string>()
const name = ref('')
const version = ref(0)
const design = shallowRef<QuiltDesign>()
const saveState = ref<SaveState>('kept')
const problems = shallowRef<Problem[]>([])
const undone = shallowRef<QuiltDesign[]>([])
const done = shallowRef<QuiltDesign[]>([])
let timer: ReturnType<typeof setTimeout> | undefined
let saving: Promise<void> | undefined

/** What is typed but not kept yet survives a reload here, one entry a quilt. */
const unsavedKey = (quiltId: string) => `golden-tally.unsaved.${quiltId}`

/**
 * The quilt that is open: its design as on the screen, changed at once and kept a moment later. There is one for the
 * whole application, since one quilt is open at a time.
 */
export function useOpenQuilt() {
  const client = useQueryClient()

  function take(stored: StoredQuilt) {
    name.value = stored.name
    version.value = stored.version
    design.value = stored.design
    saveState.value = 'kept'
    problems.value = []
    localStorage.removeItem(unsavedKey(stored.id))
    refresh()
  }

  async function open(quiltId: string) {
    if (id.value === quiltId && design.value) return
    design.value = undefined
    const stored = await call<StoredQuilt>('GET', `/api/quilts/${quiltId}`)
    const unsaved = localStorage.getItem(unsavedKey(quiltId))
    done.value = []
    undone.value = []
    id.value = quiltId
    take(stored)
    if (unsaved) {
      show(JSON.parse(unsaved) as QuiltDesign)
      await save()
    }
  }

  function show(changed: QuiltDesign) {
    design.value = changed
    localStorage.setItem(unsavedKey(id.value!), JSON.stringify(changed))
  }

  /** Changes the design; with `typing`, waits for a pause before it is sent. */
  function change(part: Partial<QuiltDesign>, typing = false) {
    if (!design.value) return
    if (!(typing && timer)) done.value = [...done.value, design.value]
    undone.value = []
    show({ ...design.value, ...part })
    schedule(typing ? TYPING_PAUSE_MS : 0)
  }

  function undo() {
    const before = done.value.at(-1)
    if (!before || !design.value) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, design.value]
    show(before)
    schedule(0)
  }

  function redo() {
    const after = undone.value.at(-1)
    if (!after || !design.value) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, design.value]
    show(after)
    schedule(0)
  }

  function schedule(pause: number) {
    clearTimeout(timer)
    saveState.value = 'keeping'
    timer = setTimeout(() => {
      timer = undefined
      void save()
    }, pause)
  }

  /** Sends the newest design; never two at a time, so that each is built on the version before. */
  async function save() {
    if (saving) {
      await saving
      if (timer === undefined && saveState.value === 'keeping') return save()
      return
    }
    saving = send()
    await saving
    saving = undefined
  }

  async function send() {
    const sent = design.value
    try {
      const stored = await call<StoredQuilt>('PUT', `/api/quilts/${id.value}`, {
        version: version.value,
        name: name.value,
        design: sent,
      })
      version.value = stored.version
      problems.value = []
      if (design.value === sent) {
        saveState.value = 'kept'
        localStorage.removeItem(unsavedKey(stored.id))
      }
      refresh()
    } catch (error) {
      const status = error instanceof Refusal ? error.status : 0
      saveState.value = status === 409 ? 'conflict' : status === 0 ? 'unreachable' : 'refused'
      problems.value = saveState.value === 'refused' ? problemsOf(error) : []
    }
  }

  async function keepMine() {
    const theirs = await call<StoredQuilt>('GET', `/api/quilts/${id.value}`)
    version.value = theirs.version
    await save()
  }

  async function takeTheirs() {
    take(await call<StoredQuilt>('GET', `/api/quilts/${id.value}`))
  }

  function close() {
    id.value = undefined
    design.value = undefined
  }

  function refresh() {
    void client.invalidateQueries({ queryKey: ['quilt', id.value] })
  }

  return {
    id: readonly(id),
    name: readonly(name),
    design: computed(() => design.value),
    saveState: readonly(saveState),
    problems: computed(() => problems.value),
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
    open,
    close,
    change,
    undo,
    redo,
    keepMine,
    takeTheirs,
  }
}
