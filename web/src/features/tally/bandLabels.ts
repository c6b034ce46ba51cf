/** A band of a bar, and what is to be read of it. */
export interface Band {
  percent: number
  label: string
}

/** Where a label stands: in its band, or in a row beneath the bar, from `left` on, with a line to its band's middle. */
export type Placed = { inside: true } | MovedOut

interface MovedOut {
  inside: false
  row: number
  left: number
  middle: number
  width: number
}

/** Room on both sides of a label, in CSS pixels. */
const ROOM = 10
const BETWEEN = 6

/**
 * Labels that fit their band stand in it; the others move out beneath the bar, each beginning at the line from its band's
 * middle, the last one highest, so that no line meets another label. Near the right end labels are moved back to stay
 * within the bar; a line that cannot go round one then passes behind it. No label lies on another.
 *
 * @param width of the bar, in CSS pixels
 * @param measure how wide a label is drawn
 */
export function labelsPlaced(bands: readonly Band[], width: number, measure: (label: string) => number): Placed[] {
  let from = 0
  const middles = bands.map(({ percent }) => {
    const wide = (percent / 100) * width
    from += wide
    return from - wide / 2
  })
  const outside: MovedOut[] = []
  return bands
    .map((band, i) => ({ band, middle: middles[i]! }))
    .toReversed()
    .map(({ band, middle }): Placed => {
      const text = measure(band.label)
      if (text + ROOM <= (band.percent / 100) * width) return { inside: true }
      const left = Math.max(0, Math.min(width - text, middle - BETWEEN))
      const rows = [...outside.keys(), outside.length]
      const apart = rows.filter((row) => isApart(outside, row, left, left + text))
      const row = apart.find((each) => isClear(outside, each, left, left + text, middle)) ?? apart[0]!
      const placed = { inside: false as const, row, left, middle, width: text }
      outside.push(placed)
      return placed
    })
    .toReversed()
}

function isApart(outside: readonly MovedOut[], row: number, left: number, right: number) {
  return outside.every((other) => {
    return other.row !== row || other.left + other.width + BETWEEN <= left || right + BETWEEN <= other.left
  })
}

/** Whether neither its line meets a label above it, nor the line of one beneath it its label. */
function isClear(outside: readonly MovedOut[], row: number, left: number, right: number, middle: number) {
  return outside.every((other) => {
    if (other.row < row) return middle < other.left || middle > other.left + other.width
    return other.row === row || other.middle < left || other.middle > right
  })
}
