import { computed } from 'vue'
import { type QuiltDesign, useOpenQuilt } from '@/features/quilts'
import type { Group } from './queries'

type Style = 'PLAIN' | 'TIDY' | 'THRIFTY'

/** What she chooses at the Tally: how groups of units are made, what they are cut to, and how fabric is cut. */
export function useMakingChoices() {
  const quilt = useOpenQuilt()
  const design = computed(() => quilt.design.value!)
  const changePlan = (part: Partial<QuiltDesign['plan']>) => quilt.change({ plan: { ...design.value.plan, ...part } })

  function make(units: string, method: string) {
    quilt.change({ methods: withWay(design.value.methods, units, method) })
  }
  /** For all of a kind: what was chosen for single groups of it no longer counts. */
  function makeAll({ allKey, chosenApart }: Group, method: string) {
    const others = design.value.methods.filter(({ units }) => units !== allKey && !chosenApart.includes(units))
    quilt.change({ methods: [...others, { units: allKey, method, byHand: true }] })
  }
  const choiceFor = (group: Group) =>
    design.value.methods.find((choice) => choice.units === group.choiceKey) ??
    design.value.methods.find((choice) => choice.units === group.allKey)
  function chosenBy(group: Group) {
    const choice = choiceFor(group)
    return choice && (choice.byHand ? 'hand' : 'plan')
  }
  function letGo(group: Group) {
    const choice = choiceFor(group)
    quilt.change({ methods: design.value.methods.filter((each) => each !== choice) })
  }
  function setExtra(units: string, typed: string) {
    const others = design.value.plan.extras.filter((extra) => extra.units !== units)
    changePlan({ extras: typed ? [...others, { units, typed }] : others })
  }
  /** A size goes with the way of making, so that way is kept too. */
  function setCutSize(group: Group, units: string, typed: string) {
    const method = group.ways.find((way) => way.chosen)!.key
    const said = (each: { units: string; method: string }) =>
      each.method === method && (each.units === units || each.units === group.choiceKey)
    const others = design.value.plan.cutSizes.filter((each) => !said(each))
    const known = design.value.methods.some((choice) => choice.units === units && choice.byHand)
    quilt.change({
      plan: { ...design.value.plan, cutSizes: typed ? [...others, { units, method, typed, byHand: true }] : others },
      ...(typed && !known ? { methods: withWay(design.value.methods, units, method) } : {}),
    })
  }
  function cutFabric(cloth: string, style: Style, effort: number, everywhere: boolean) {
    const others = everywhere ? [] : design.value.plan.cutting.filter((choice) => choice.cloth !== cloth)
    changePlan({ cutting: [...others, { cloth: everywhere ? '' : cloth, style, effort }] })
  }
  function leaveBonus(key: string) {
    changePlan({ bonus: design.value.plan.bonus.filter((each) => each !== key) })
  }
  return { make, makeAll, chosenBy, letGo, setExtra, setCutSize, cutFabric, leaveBonus }
}

function withWay(methods: QuiltDesign['methods'], units: string, method: string) {
  return [...methods.filter((choice) => choice.units !== units), { units, method, byHand: true }]
}
