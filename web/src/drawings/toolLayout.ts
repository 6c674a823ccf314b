import type { Point } from './geometry'

const GAP = 30

/** Moves a dimension line off the outline: a level one down, an upright one away from the middle. */
export function standOff(from: Point, to: Point, middleX: number): { from: Point; to: Point } {
  const level = Math.abs(to.x - from.x) >= Math.abs(to.y - from.y)
  const [dx, dy] = level ? [0, GAP] : [from.x < middleX ? -GAP + 14 : GAP, 0]
  return { from: { x: from.x + dx, y: from.y + dy }, to: { x: to.x + dx, y: to.y + dy } }
}
