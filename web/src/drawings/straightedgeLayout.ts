import type { Point } from './geometry'

export interface StraightDrawn {
  lengthMm: number
  stationsMm: readonly number[]
  /** What stands above the line that is planed to, at each station, mm. */
  heightsMm: readonly number[]
}

export interface StraightLayout {
  /** The edge as it stands, left to right. */
  edge: Point[]
  /** The line that is planed to. */
  line: [Point, Point]
  /** A true edge laid across the highest places. */
  top: [Point, Point]
  /** Where a place along the edge lies, px. */
  at: (mm: number) => number
}

const SIDE = 40

/** The edge over its length, heights drawn larger by the factor; all heights share the one scale. */
export function straightedgeLayout(
  drawn: StraightDrawn,
  factor: number,
  width: number,
  baseline: number,
): StraightLayout {
  const perMm = (width - 2 * SIDE) / drawn.lengthMm
  const at = (mm: number) => SIDE + mm * perMm
  const up = (mm: number) => baseline - mm * perMm * factor
  const edge = drawn.stationsMm.map((mm, index) => ({ x: at(mm), y: up(drawn.heightsMm[index] ?? 0) }))
  const highest = Math.max(0, ...drawn.heightsMm)
  const ends = [at(drawn.stationsMm[0] ?? 0), at(drawn.stationsMm.at(-1) ?? drawn.lengthMm)] as const
  return {
    edge,
    line: [
      { x: ends[0], y: baseline },
      { x: ends[1], y: baseline },
    ],
    top: [
      { x: ends[0], y: up(highest) },
      { x: ends[1], y: up(highest) },
    ],
    at,
  }
}

/** The largest factor at which the highest place still has room. */
export function straightedgeFactor(
  drawn: StraightDrawn,
  width: number,
  roomPx: number,
  choices: readonly number[],
): number {
  const perMm = (width - 2 * SIDE) / drawn.lengthMm
  const highest = Math.max(...drawn.heightsMm, 0)
  const fitting = choices.filter((choice) => highest * perMm * choice <= roomPx)
  return highest === 0 ? (choices[0] ?? 1) : (fitting.at(-1) ?? choices[0] ?? 1)
}
