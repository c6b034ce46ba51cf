import { computed, onScopeDispose, ref, watch, type Ref } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'
import { GrowingPause } from '@/shared'
import { withPortion, wouldMoveUp } from './keptOrder'

export type Idea = Schemas['IdeaView']
export type Wish = Schemas['Wish']
export type Ranking = 'least' | 'largest' | 'most' | 'quickest'

/** Few at first, so that something is seen at once; then as many as one question may ask for. */
const FIRST = 4
const MORE = 10
const PAUSE_MS = 350
/** About as many as one looks at before going on (our own figure). */
const FIRST_SEEN = 10
/** Of the four ranks of an idea the last: something has to be bought for it. */
const BUYS = 3

const compare: Record<Ranking, (one: Idea, other: Idea) => number> = {
  // Binding is bought for every quilt, the more the larger it is: it puts no small quilt before a large one.
  least: (one, other) =>
    one.order.worth - other.order.worth || (one.order.worth === BUYS ? one.order.bought - other.order.bought : 0),
  largest: (one, other) => other.order.finished - one.order.finished || one.order.bought - other.order.bought,
  most: (one, other) => other.order.used - one.order.used || one.order.bought - other.order.bought,
  quickest: (one, other) => one.order.minutes - other.order.minutes,
}

/** How ideas stand that come in portions: those asked for by name before those that only have it in them. */
function useStanding(found: Ref<Idea[]>, ranking: Ref<Ranking>) {
  const order = ref<string[]>([])
  const best = computed(() =>
    [...found.value]
      .sort((one, other) => Number(other.order.named) - Number(one.order.named) || compare[ranking.value](one, other))
      .map((idea) => idea.key),
  )
  const byKey = computed(() => new Map(found.value.map((idea) => [idea.key, idea])))
  const orderAnew = () => (order.value = best.value)
  watch(ranking, orderAnew)
  return {
    begin: () => (order.value = []),
    /** What is shown stays where it is. */
    goOn: () => (order.value = withPortion(order.value, best.value)),
    orderAnew,
    ideas: computed(() => order.value.flatMap((key) => byKey.value.get(key) ?? [])),
    /** How many of the later ones belong among the first. */
    better: computed(() => wouldMoveUp(order.value, best.value, FIRST_SEEN)),
  }
}

/**
 * The tops that the shelf makes, asked for a few at a time; a change of the wish or the shelf begins anew.
 *
 * @param wish what is asked for
 * @param shelf changes with whatever is on the shelf; undefined until it is known
 */
export function useIdeas(wish: Ref<Wish>, shelf: Ref<unknown>, ranking: Ref<Ranking>) {
  const found = ref<Idea[]>([])
  const standing = useStanding(found, ranking)
  const of = ref(0)
  const done = ref(0)
  const busy = ref(false)
  const problems = ref<Problem[]>([])
  const leftOut = ref<readonly string[]>([])
  let round = 0
  const again = new GrowingPause()
  let pause: ReturnType<typeof setTimeout> | undefined

  async function workOut(mine: number) {
    while (mine === round && (done.value < of.value || done.value === 0)) {
      const count = done.value ? MORE : FIRST
      const answer = await call('POST', '/api/ideas', { body: { wish: wish.value, from: done.value, count } })
      if (mine !== round) return
      problems.value = []
      again.reset()
      of.value = answer.of
      leftOut.value = answer.leftOut
      done.value = Math.min(done.value + count, answer.of)
      found.value = [...found.value, ...answer.ideas]
      standing.goOn()
      if (!answer.of) return
    }
  }

  async function begin() {
    const mine = ++round
    found.value = []
    standing.begin()
    of.value = 0
    done.value = 0
    problems.value = []
    await goOn(mine)
  }

  async function goOn(mine = ++round) {
    busy.value = true
    try {
      await workOut(mine)
    } catch (thrown) {
      if (mine !== round) return
      problems.value = problemsOf(thrown)
      // No answer at all: asked again, each time after a longer pause.
      if (thrown instanceof Refusal && thrown.status === 0) again.later(() => void goOn())
    } finally {
      if (mine === round) busy.value = false
    }
  }

  function stop() {
    round++
    again.stop()
    busy.value = false
  }

  watch(
    [wish, shelf],
    () => {
      clearTimeout(pause)
      if (shelf.value === undefined) return
      stop()
      busy.value = true
      pause = setTimeout(() => void begin(), PAUSE_MS)
    },
    { deep: true, immediate: true },
  )
  onScopeDispose(() => {
    clearTimeout(pause)
    stop()
  })

  return {
    ideas: standing.ideas,
    better: standing.better,
    orderAnew: standing.orderAnew,
    of,
    done,
    busy,
    problems,
    /** What was asked for and no top has. */
    leftOut,
    stop,
    goOn: () => goOn(),
  }
}
