import { path, type Point, radians } from './geometry'

/** A blade's section in mm, with what the stones will take off it. */
export interface EdgeDrawn {
  thicknessMm: number
  primaryDeg: number
  secondaryDeg: number
  microWidthMm: number
  recessionMm: number
  contactLengthMm: number
}

export interface EdgeShape {
  /** Section of the steel as it stands. */
  steel: string
  /** What the stones will take. */
  taken: string
  edge: Point
  newEdge: Point
  /** End of the present secondary bevel. */
  shoulder: Point
  /** End of the secondary bevel after honing. */
  newShoulder: Point
  heel: Point
  /** A place on the full thickness: face and back. */
  thickness: [Point, Point]
}

/**
 * The section in px at a scale: back along the bottom, edge to the left at the origin, bevel rising to the
 * right. Everything is drawn to the one scale; nothing is enlarged by itself.
 */
export function edgeShape(blade: EdgeDrawn, pixelsPerMm: number, origin: Point, lengthMm: number): EdgeShape {
  const at = (xMm: number, yMm: number): Point => ({
    x: origin.x + xMm * pixelsPerMm,
    y: origin.y - yMm * pixelsPerMm,
  })
  const now = along(0, blade.microWidthMm, blade.secondaryDeg)
  const then =
    blade.recessionMm > 0 ? along(blade.recessionMm, blade.contactLengthMm, blade.secondaryDeg) : now
  const heelX = now.x + (blade.thicknessMm - now.y) / Math.tan(radians(blade.primaryDeg))
  const end = Math.max(lengthMm, heelX)

  return {
    steel: path([
      at(0, 0),
      at(now.x, now.y),
      at(heelX, blade.thicknessMm),
      at(end, blade.thicknessMm),
      at(end, 0),
    ]),
    taken: path([at(0, 0), at(now.x, now.y), at(then.x, then.y), at(blade.recessionMm, 0)]),
    edge: at(0, 0),
    newEdge: at(blade.recessionMm, 0),
    shoulder: at(now.x, now.y),
    newShoulder: at(then.x, then.y),
    heel: at(heelX, blade.thicknessMm),
    thickness: [at((heelX + end) / 2, blade.thicknessMm), at((heelX + end) / 2, 0)],
  }
}

/** Length of blade to show so that the whole bevel and a piece of the full thickness are seen, mm. */
export function shownLengthMm(blade: EdgeDrawn): number {
  return (blade.thicknessMm / Math.tan(radians(blade.primaryDeg))) * 1.45
}

/** The end of a bevel that starts on the back, mm. */
function along(startMm: number, widthMm: number, deg: number): Point {
  return { x: startMm + widthMm * Math.cos(radians(deg)), y: widthMm * Math.sin(radians(deg)) }
}
