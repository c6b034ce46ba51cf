import type { Point } from './geometry'

const QUARTER = Math.PI / 2

const between = (a: Point, b: Point) => ({
  angle: Math.atan2(b.y - a.y, b.x - a.x),
  apart: Math.max(1, Math.hypot(b.x - a.x, b.y - a.y)),
})

/** Two fingers on the wall: apart they zoom, and round each other they turn by quarters. */
export class TwoFingers {
  private readonly begun: { angle: number; apart: number }
  private turnedBy = 0

  constructor(a: Point, b: Point) {
    this.begun = between(a, b)
  }

  /** How much further apart they are than at first. */
  zoom(a: Point, b: Point): number {
    return between(a, b).apart / this.begun.apart
  }

  /** Whether they have gone on by most of a quarter since the last one; told once. */
  turn(a: Point, b: Point): 1 | -1 | undefined {
    const by = between(a, b).angle - this.begun.angle - this.turnedBy
    const shortest = Math.atan2(Math.sin(by), Math.cos(by))
    if (Math.abs(shortest) < QUARTER / 2) return undefined
    this.turnedBy += Math.sign(shortest) * QUARTER
    return shortest > 0 ? 1 : -1
  }
}
