import { type Point, radians } from './geometry'

export interface Teeth {
  pitchMm: number
  heightMm: number
  rakeDeg: number
}

/** How many teeth the side view shows: few where it is narrow, so that each can be read. */
export const shownIn = (width: number): number => (width < 320 ? 3 : 6)

/** Pixels for a millimetre at which so many teeth fill a box. */
export const teethScale = (teeth: Teeth, width: number, height: number): number =>
  Math.min(width / (shownIn(width) * teeth.pitchMm), height / (1.9 * teeth.heightMm))

/** Tip and the gullet before it of each tooth, mm: tips at nought, gullets below, cutting to the right. */
export function profile(teeth: Teeth, count: number): Point[] {
  const lean = teeth.heightMm * Math.tan(radians(teeth.rakeDeg))
  return Array.from({ length: count }, (_, index) => index * teeth.pitchMm).flatMap((at) => [
    { x: at, y: 0 },
    { x: at + lean, y: teeth.heightMm },
  ])
}

/** Two teeth behind each other, seen along the saw, mm: each leans to its side by the set, from half its height up. */
export function fromTheEnd(plateMm: number, setMm: number, heightMm: number): [Point[], Point[]] {
  const half = plateMm / 2
  const tooth = (side: -1 | 1): Point[] => [
    { x: -half, y: heightMm * 2 },
    { x: -half, y: heightMm / 2 },
    { x: -half + side * setMm, y: 0 },
    { x: half + side * setMm, y: 0 },
    { x: half, y: heightMm / 2 },
    { x: half, y: heightMm * 2 },
  ]
  return [tooth(-1), tooth(1)]
}
