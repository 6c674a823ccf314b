import { path, type Point } from '../geometry'

/** A dimension of a tool where it is measured on the outline, mm. */
export interface Mark {
  name: string
  from: Point
  to: Point
}

/** One tool in its own outline, mm: hung by the top, drawn from its own dimensions. */
export interface Outline {
  width: number
  height: number
  /** Closed shapes, filled. */
  bodies: string[]
  /** Lines on them. */
  details: string[]
  marks?: Mark[]
}

/** A tool's own dimension by name, mm, or the usual one of its kind. */
export type SizeOf = (name: string, usual: number) => number

export type Draw = (size: SizeOf) => Outline

export const p = (x: number, y: number): Point => ({ x, y })

export const box = (x: number, y: number, width: number, height: number) =>
  path([p(x, y), p(x + width, y), p(x + width, y + height), p(x, y + height)])

export const line = (...points: Point[]) => path(points, false)

export const disc = (x: number, y: number, r: number) =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0 Z`

/** A shape given in shares of a box, 0 to 1 along each side. */
export const inBox =
  (width: number, height: number) =>
  (...shares: readonly (readonly [number, number])[]) =>
    path(shares.map(([x, y]) => p(x * width, y * height)))

export const along = (name: string, length: number, y: number): Mark => ({
  name,
  from: p(0, y),
  to: p(length, y),
})

export const upright = (name: string, height: number, x: number): Mark => ({
  name,
  from: p(x, 0),
  to: p(x, height),
})
