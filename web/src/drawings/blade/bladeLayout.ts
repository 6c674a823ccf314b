import type { Schemas } from '@/api/client'
import { type Point, radians } from '@/drawings/geometry'

export type DrawnBlade = Schemas['DrawnBlade']

// The width of a back bevel is not measured; it is drawn this wide, mm.
const BACK_BEVEL_MM = 1
// Places along a hollow at which its depth is drawn.
const PLACES = 24

/**
 * Outline of a blade's section in mm: the back along y = 0, the edge at the origin, the bevel rising to the right.
 * A hollow from the wheel is an arc; where it was honed off, the two lands lie on a line below the ground chord.
 */
export function bladeOutline(blade: DrawnBlade, lengthMm: number): Point[] {
  const ground = groundBevel(blade)
  const micro = microShoulder(blade)
  const bevel = micro ? [{ x: 0, y: 0 }, micro, ...ground.filter((point) => point.x > micro.x)] : ground
  const edge = bevel[0] ?? { x: 0, y: 0 }
  const heel = bevel.at(-1) ?? edge
  const end = Math.max(lengthMm, heel.x)
  return [...backBevel(blade, edge), ...bevel.slice(1), { x: end, y: blade.thicknessMm }, { x: end, y: 0 }]
}

/** The chord that the wheel left, from where the ground edge was to the heel. */
export function groundChord(blade: DrawnBlade): [Point, Point] {
  const start = groundEdgeX(blade)
  return [
    { x: start, y: 0 },
    { x: start + blade.thicknessMm / Math.tan(radians(blade.primaryDeg)), y: blade.thicknessMm },
  ]
}

/** What was honed away so far, between the ground bevel and the edge as it is now; empty where nothing was. */
export function honedAway(blade: DrawnBlade): Point[] {
  const micro = microShoulder(blade)
  const [start] = groundChord(blade)
  if (micro) return [start, micro, { x: 0, y: 0 }]
  const [edge, land] = groundBevel(blade)
  return blade.wheelMm !== null && blade.honedMm > 0 && edge && land ? [start, land, edge] : []
}

/** Length of blade that shows the whole bevel and a piece of the full thickness, mm. */
export function bladeLengthMm(blade: DrawnBlade): number {
  return (blade.thicknessMm / Math.tan(radians(blade.primaryDeg))) * 1.4
}

function groundBevel(blade: DrawnBlade): Point[] {
  const [from, to] = groundChord(blade)
  const chordMm = Math.hypot(to.x - from.x, to.y - from.y)
  const turn = radians(blade.primaryDeg)
  const deep = (alongMm: number) => Math.max(hollowAt(blade, alongMm, chordMm), blade.honedMm)
  const start = blade.honedMm / Math.tan(turn)
  const places = blade.wheelMm === null ? [start, chordMm] : spread(start, chordMm)
  return places
    .map((alongMm) => ({
      x: from.x + alongMm * Math.cos(turn) + deep(alongMm) * Math.sin(turn),
      y: alongMm * Math.sin(turn) - deep(alongMm) * Math.cos(turn),
    }))
    .map((point, index) => (index === 0 ? { x: point.x, y: 0 } : point))
}

/** How far the arc of the wheel lies below the chord, mm. */
function hollowAt(blade: DrawnBlade, alongMm: number, chordMm: number): number {
  if (blade.wheelMm === null) return 0
  const radius = blade.wheelMm / 2
  const off = alongMm - chordMm / 2
  return Math.sqrt(Math.max(0, radius * radius - off * off)) - (radius - blade.hollowMm)
}

function spread(from: number, to: number): number[] {
  return Array.from({ length: PLACES + 1 }, (_, index) => from + ((to - from) * index) / PLACES)
}

function microShoulder(blade: DrawnBlade): Point | null {
  if (blade.secondaryDeg <= blade.primaryDeg || blade.microWidthMm <= 0) return null
  return {
    x: blade.microWidthMm * Math.cos(radians(blade.secondaryDeg)),
    y: blade.microWidthMm * Math.sin(radians(blade.secondaryDeg)),
  }
}

/** The secondary bevel took the edge back from where the wheel had left it, mm; nought or less. */
function groundEdgeX(blade: DrawnBlade): number {
  const micro = microShoulder(blade)
  return micro ? micro.x - micro.y / Math.tan(radians(blade.primaryDeg)) : 0
}

function backBevel(blade: DrawnBlade, edge: Point): Point[] {
  if (blade.backBevelDeg <= 0) return [edge]
  return [
    { x: edge.x + BACK_BEVEL_MM, y: 0 },
    { x: edge.x, y: BACK_BEVEL_MM * Math.tan(radians(blade.backBevelDeg)) },
  ]
}

/** The front of the edge seen along the tool: how far each place across the width stands back, mm. */
export function standsBack(blade: DrawnBlade, acrossMm: number): number {
  const camber = blade.radiusMm === null ? 0 : arc(blade.radiusMm, acrossMm)
  const skew = (acrossMm + blade.widthMm / 2) * Math.tan(radians(blade.skewDeg))
  return camber + skew
}

function arc(radiusMm: number, acrossMm: number): number {
  return radiusMm - Math.sqrt(Math.max(0, radiusMm * radiusMm - acrossMm * acrossMm))
}
