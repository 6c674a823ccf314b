import type { Point } from './geometry'

/** The edge of a curved iron from left to right, mm: the middle at nought, corners lower by the sag. */
export function arc(widthMm: number, radiusMm: number, chords = 40): Point[] {
  return Array.from({ length: chords + 1 }, (_, index) => {
    const x = (index / chords - 0.5) * widthMm
    return { x, y: (x * x) / (radiusMm + Math.sqrt(radiusMm * radiusMm - x * x)) }
  })
}

/** How many times deeper than it is a curve is drawn: a round number that keeps it in the room. */
export function deepening(sagMm: number, pixelsPerMm: number, roomPx: number): number {
  const choices = [1, 2, 5, 10, 20, 50, 100, 200]
  return choices.filter((choice) => sagMm * choice * pixelsPerMm <= roomPx).at(-1) ?? 1
}
