import { computed, onMounted, onUnmounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { type Problem, problemsOf } from '@/api/client'
import { useShelfActs } from '@/features/cloth'
import { useOpenQuilt, useSteps } from '@/features/quilts'

/** A line of the list of steps. */
export interface HistoryEntry {
  id: number
  what: string
  at: string
  /** Whether it is as the screen shows it now. */
  shown: boolean
  /** Whether it is taken back, to be done again. */
  undone: boolean
  /** Whether it can be taken out by itself. */
  canTakeOut: boolean
}

/** Undo, redo and the steps by name: of the shelf at the Cloth station, of the design at all others. */
export function useHistory() {
  const route = useRoute()
  const quilt = useOpenQuilt()
  const shelf = useShelfActs()
  const open = ref(false)
  const problems = ref<Problem[]>([])
  const ofShelf = computed(() => route.path.endsWith('/cloth'))
  const { data: steps } = useSteps(
    () => quilt.id.value,
    () => open.value && !ofShelf.value,
  )

  const entries = computed<HistoryEntry[]>(() => {
    if (ofShelf.value) {
      const last = shelf.acts.value.find((act) => !act.undone)?.id
      return shelf.acts.value.map((act) => ({ ...act, shown: act.id === last, canTakeOut: !act.undone }))
    }
    const now = steps.value?.find((step) => step.shown)?.number ?? 0
    return (steps.value ?? []).map((step) => ({
      id: step.number,
      what: step.what,
      at: step.at,
      shown: step.shown,
      undone: step.number > now,
      canTakeOut: step.number > 0 && step.number <= now,
    }))
  })

  async function attempt(ofTheShelf: () => Promise<void>, ofTheDesign: () => Promise<void>) {
    problems.value = []
    try {
      await (ofShelf.value ? ofTheShelf() : ofTheDesign())
    } catch (thrown) {
      problems.value = problemsOf(thrown)
    }
    if (!ofShelf.value && open.value) problems.value = [...problems.value, ...quilt.problems.value]
  }
  const undo = () => attempt(shelf.undo, quilt.undo)
  const redo = () => attempt(shelf.redo, quilt.redo)

  function onKey(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || !quilt.id.value) return
    if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return
    event.preventDefault()
    void (event.shiftKey ? redo() : undo())
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onUnmounted(() => window.removeEventListener('keydown', onKey))

  return {
    subject: computed(() => (ofShelf.value ? 'the shelf' : 'the design')),
    undoes: computed(() => (ofShelf.value ? shelf.undoes.value : quilt.undoes.value)),
    redoes: computed(() => (ofShelf.value ? shelf.redoes.value : quilt.redoes.value)),
    entries,
    problems,
    open,
    undo,
    redo,
    goTo: (entry: HistoryEntry) =>
      attempt(
        () => shelf.goBackTo(entry.id),
        () => quilt.goTo(entry.id),
      ),
    takeOut: (entry: HistoryEntry) =>
      attempt(
        () => shelf.takeOut(entry.id),
        () => quilt.takeOut(entry.id),
      ),
  }
}
