/**
 * The order in which things stand that come in portions: what is there already stays where it is, since somebody may be about to
 * press it; what is new follows, best first.
 */
export function withPortion(order: readonly string[], best: readonly string[]): string[] {
  const there = new Set(order)
  return [...order, ...best.filter((key) => !there.has(key))]
}

/** How many of those further down would stand among the first ones, if all were ordered anew. */
export function wouldMoveUp(order: readonly string[], best: readonly string[], first: number): number {
  const seen = new Set(order.slice(0, first))
  return best.slice(0, first).filter((key) => !seen.has(key)).length
}
