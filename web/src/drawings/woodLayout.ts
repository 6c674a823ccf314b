import { type Point, radians } from './geometry'

/** Growth rings on the end of a board, mm, clipped to it: parallel lines at their angle to the face, evenly apart. */
export function rings(widthMm: number, thickMm: number, ringDeg: number, apartMm: number): [Point, Point][] {
  const [dx, dy] = [Math.cos(radians(ringDeg)), Math.sin(radians(ringDeg))]
  const reach = Math.hypot(widthMm, thickMm)
  const lines: [Point, Point][] = []
  for (let off = -reach; off <= reach; off += apartMm) {
    const at = { x: widthMm / 2 - dy * off, y: thickMm / 2 + dx * off }
    const line = inBox(at, { x: dx, y: dy }, widthMm, thickMm)
    if (line) lines.push(line)
  }
  return lines
}

/** The part of an endless line that lies in a box from nought; null where it passes by. */
function inBox(at: Point, along: Point, width: number, height: number): [Point, Point] | null {
  let [from, to] = [-Infinity, Infinity]
  for (const [start, step, size] of [
    [at.x, along.x, width],
    [at.y, along.y, height],
  ] as const) {
    if (Math.abs(step) < 1e-9) {
      if (start < 0 || start > size) return null
      continue
    }
    const [one, other] = [-start / step, (size - start) / step]
    from = Math.max(from, Math.min(one, other))
    to = Math.min(to, Math.max(one, other))
  }
  if (from >= to) return null
  const point = (share: number): Point => ({ x: at.x + along.x * share, y: at.y + along.y * share })
  return [point(from), point(to)]
}
