/** A point in the plane; what its numbers measure is said where it is made. */
export interface Point {
  readonly x: number
  readonly y: number
}

export const path = (points: readonly Point[], closed = true): string =>
  points.map((point, index) => `${index === 0 ? 'M' : 'L'}${round(point.x)} ${round(point.y)}`).join(' ') +
  (closed ? ' Z' : '')

const round = (value: number) => Math.round(value * 100) / 100

export const radians = (deg: number): number => (deg * Math.PI) / 180

/** An angle as a drawing says it, to a tenth. */
export const degrees = (deg: number): string => `${Math.round(deg * 10) / 10}°`

/** The largest choice that keeps the enlarged value within the room; the smallest where none does. */
export function fittingFactor(
  valueMm: number,
  pixelsPerMm: number,
  roomPx: number,
  choices: readonly number[],
): number {
  const fitting = choices.filter((choice) => Math.abs(valueMm) * choice * pixelsPerMm <= roomPx)
  return fitting.at(-1) ?? choices[0] ?? 1
}
