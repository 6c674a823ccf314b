import { path, type Point } from '../geometry'

/** One tool in its own outline, mm: hung by the top, drawn from its own dimensions. */
export interface Outline {
  width: number
  height: number
  /** Closed shapes, filled. */
  bodies: string[]
  /** Lines on them. */
  details: string[]
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
