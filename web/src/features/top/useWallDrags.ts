import { computed, ref, type Ref, watch } from 'vue'
import { call, problemsOf, type Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { swapped } from './edit/places'
import { borderPartOf } from './partId'
import type { Point } from './wall/geometry'
import { blocksWhenMoved, type Grip, gripsOf, widened, widthGrown, widthWhenMoved } from './wall/grips'

export interface WallDragsOptions {
  design: Readonly<Ref<QuiltDesign>>
  picture: Readonly<Ref<Schemas['TopPictureView'] | undefined>>
  chosen: Readonly<Ref<string | undefined>>
  change: (part: Partial<QuiltDesign>) => void
  say: (text: string) => void
}

type Change = Partial<QuiltDesign>

const LONGEST_MS = 3000

/** What would come of a change, as the server works it out; the newest question is the one that is answered next. */
function useTrial(design: Readonly<Ref<QuiltDesign>>, say: (text: string) => void) {
  const trial = ref<Schemas['TrialView']>()
  /** Whether something is dragged. */
  const busy = ref(false)
  let wanted: { what: string; part: Change } | undefined
  let asking = false

  function tryOut(what: string, part: Change) {
    if (wanted?.what === what) return
    wanted = { what, part }
    busy.value = true
    say(`${what} …`)
    void ask()
  }
  async function ask() {
    if (asking || !wanted) return
    asking = true
    const now = wanted
    // An answer about something that is over, or no longer the newest, is not shown.
    const isStillAsked = () => wanted === now
    try {
      const answer = await call('POST', '/api/trial', { body: { ...design.value, ...now.part } })
      if (isStillAsked()) {
        trial.value = answer
        const buys = answer.buys.length ? `to buy: ${answer.buys.join(', ')}` : 'none of its cloths is short'
        say(`${now.what}: ${answer.blocks}, ${answer.size} finished; ${buys}. Let go to keep it, Escape to leave it.`)
      }
    } catch (thrown) {
      if (isStillAsked()) say(`${now.what}: ${problemsOf(thrown)[0]?.why ?? 'no answer'}`)
    }
    asking = false
    if (!isStillAsked()) void ask()
  }
  function end() {
    wanted = undefined
    trial.value = undefined
    busy.value = false
  }
  return { trial, busy, tryOut, end }
}

/**
 * Borders and the whole top by their edges, and blocks carried to other places: while one is dragged the wall shows what
 * would come of it, as the server works it out, with the size and what would have to be bought; let go, it is done.
 */
export function useWallDrags({ design, picture, chosen, change, say }: WallDragsOptions) {
  const { trial, busy, tryOut, end } = useTrial(design, say)
  const grips = computed(() => (picture.value ? gripsOf(picture.value, design.value, chosen.value) : []))

  /** What was tried is shown until the top itself is there, or, where nobody answers, not for long. */
  watch(picture, () => busy.value || end())
  function keep(what: string, part: Change) {
    const shown = trial.value
    end()
    trial.value = shown
    setTimeout(() => trial.value === shown && end(), LONGEST_MS)
    change(part)
    say(`${what}.`)
  }

  function ofGrip(grip: Grip, by: Point): { what: string; part: Change; same: boolean } {
    if (grip.kind === 'corner') {
      const blocks = blocksWhenMoved(picture.value!, design.value, by)
      const { across, down } = design.value.setting
      return {
        what: `${blocks.across} × ${blocks.down} blocks`,
        part: { setting: { ...design.value.setting, ...blocks } },
        same: blocks.across === across && blocks.down === down,
      }
    }
    const width = widthWhenMoved(picture.value!, design.value, grip, by)
    return {
      ...widened(design.value, grip, width),
      same: width === widthWhenMoved(picture.value!, design.value, grip, { x: 0, y: 0 }),
    }
  }
  function gripMoved(grip: Grip, by: Point) {
    const { what, part } = ofGrip(grip, by)
    tryOut(what, part)
  }
  function gripDropped(grip: Grip, by: Point) {
    const { what, part, same } = ofGrip(grip, by)
    if (same) left()
    else keep(what, part)
  }
  function left() {
    end()
    say('')
  }

  const partOf = (id: string) => picture.value!.parts.find((part) => part.id === id)!
  const placeOf = (id: string) => ({ row: partOf(id).row, column: partOf(id).column })
  const exchange = (from: string, to: string) => `${partOf(from).where} changes places with ${partOf(to).where}`
  function carrying(from: string, over: string | undefined) {
    if (over) return tryOut(exchange(from, over), swapped(design.value, placeOf(from), placeOf(over)))
    end()
    say(`${partOf(from).where}: carry it to the block that it changes places with.`)
  }
  function carried(from: string, to: string) {
    keep(exchange(from, to), swapped(design.value, placeOf(from), placeOf(to)))
  }

  /** The same by keys: columns and rows come and go, a border grows and shrinks by a quarter of an inch or half a centimetre. */
  function grow(across: number, down: number) {
    const { setting } = design.value
    const next = { across: Math.max(1, setting.across + across), down: Math.max(1, setting.down + down) }
    keep(`${next.across} × ${next.down} blocks`, { setting: { ...setting, ...next } })
  }
  function widen(steps: number) {
    const grip = grips.value.find((each) => each.kind === 'border')
    if (!grip || !borderPartOf(chosen.value ?? '')) return say('Choose a plain border first.')
    const by = design.value.system === 'INCH' ? steps / 4 : steps / 2 / 2.54
    const { what, part } = widened(design.value, grip, widthGrown(picture.value!, design.value, grip, by))
    keep(what, part)
  }

  return { trial, busy, grips, gripMoved, gripDropped, left, carrying, carried, grow, widen, tryOut, keep }
}
