import { inject, type InjectionKey, provide, type Ref } from 'vue'
import type { QuiltDesign } from '@/features/quilts'

type Change = (part: Partial<QuiltDesign>, typing?: boolean) => void
interface TakenInHand {
  design: Readonly<Ref<QuiltDesign>>
  /** Goes with the change that follows at once. */
  take: (part: Partial<QuiltDesign>) => void
}

const KEY: InjectionKey<TakenInHand> = Symbol('taken in hand')

/** Lets lists of fabrics take one from the shelf in the same step as what it is chosen for. */
export function provideTakenInHand(design: Readonly<Ref<QuiltDesign>>, change: Change): Change {
  let taken: Partial<QuiltDesign> = {}
  provide(KEY, { design, take: (part) => (taken = part) })
  return (part, typing) => {
    const whole = { ...taken, ...part }
    taken = {}
    change(whole, typing)
  }
}

/** Nothing where no list may take from the shelf. */
export const useTakenInHand = (): TakenInHand | undefined => inject(KEY, undefined)
