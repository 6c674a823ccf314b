import type { Point } from './geometry'

export interface Sighted {
  /** How much higher the far stick's right end stands than its left, as seen, mm. */
  seenMm: number
  stickLengthMm: number
}

/** The two sticks at eye level: the near one level, the far one tilted by what is seen, drawn larger by the factor. */
export function eyeLevel({ seenMm, stickLengthMm }: Sighted, factor: number, width: number, middle: Point) {
  const perMm = width / stickLengthMm
  const half = width / 2
  const tilt = (seenMm * perMm * factor) / 2
  return {
    near: [
      { x: middle.x - half, y: middle.y },
      { x: middle.x + half, y: middle.y },
    ] as const,
    far: [
      { x: middle.x - half, y: middle.y + tilt },
      { x: middle.x + half, y: middle.y - tilt },
    ] as const,
  }
}

/** The largest factor at which the tilted stick stays within the room. */
export function eyeFactor(
  { seenMm, stickLengthMm }: Sighted,
  width: number,
  roomPx: number,
  choices: readonly number[],
): number {
  const tall = Math.abs(seenMm) * (width / stickLengthMm)
  return choices.filter((choice) => tall * choice <= roomPx).at(-1) ?? choices[0] ?? 1
}
