import { type Point, radians } from './geometry'

export interface GuideDrawn {
  rollerMm: number
  setbackMm: number
  dropMm: number
  angleDeg: number
  projectionMm: number
}

export interface GuideShape {
  /** Where the edge touches the stone. */
  edge: Point
  /** Front of the guide on the blade's back. */
  front: Point
  axle: Point
  /** A place well behind the guide on the blade's back. */
  tail: Point
}

/**
 * A blade in its guide on the stone, mm: the edge at the origin, the stone along y = 0, the back rising to the
 * right. The axle lies behind the guide's front and below the back, so that its roller rests on the stone.
 */
export function guideShape({ setbackMm, dropMm, angleDeg, projectionMm }: GuideDrawn): GuideShape {
  const [cos, sin] = [Math.cos(radians(angleDeg)), Math.sin(radians(angleDeg))]
  const along = (mm: number): Point => ({ x: mm * cos, y: mm * sin })
  const above = along(projectionMm + setbackMm)
  return {
    edge: { x: 0, y: 0 },
    front: along(projectionMm),
    axle: { x: above.x + dropMm * sin, y: above.y - dropMm * cos },
    tail: along(projectionMm + setbackMm + 55),
  }
}
