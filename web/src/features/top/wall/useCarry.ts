import { ref, type Ref } from 'vue'
import type { Schemas } from '@/api/client'

export interface CarryOptions {
  parts: Readonly<Ref<readonly Schemas['TopPartView'][]>>
  /** A block is carried over another, or over nothing it could change places with. */
  carrying: (from: string, over: string | undefined) => void
  carried: (from: string, to: string) => void
  /** Nothing comes of what was begun. */
  left: () => void
}

/** A block that is carried over the wall to the one it changes places with. */
export function useCarry({ parts, carrying, carried, left }: CarryOptions) {
  const carry = ref<{ from: string; over: string | undefined }>()
  const partUnder = (target: Element | null | undefined) => {
    const hit = target?.closest('[data-part]')
    return hit ? parts.value[Number(hit.getAttribute('data-part'))]?.id : undefined
  }
  const isBlock = (id: string | undefined) => parts.value.some((part) => part.id === id && part.kind === 'BLOCK')

  /** Fingers keep what they began on as their target, so what lies under them is looked for. */
  function over(begun: string, { clientX, clientY }: PointerEvent) {
    const from = carry.value?.from ?? begun
    const under = partUnder(document.elementFromPoint(clientX, clientY))
    const to = under !== from && isBlock(under) ? under : undefined
    if (carry.value && carry.value.over === to) return
    carry.value = { from, over: to }
    carrying(from, to)
  }
  function drop() {
    const dropped = carry.value
    carry.value = undefined
    if (dropped?.over) carried(dropped.from, dropped.over)
    else if (dropped) left()
  }
  function letGo() {
    if (carry.value) left()
    carry.value = undefined
  }
  return { carry, partUnder, isBlock, over, drop, letGo }
}
