import { path, type Point } from './geometry'

/** A measure by name, mm, or the usual one. */
export type SizeOf = (name: string, usual: number) => number

export const p = (x: number, y: number): Point => ({ x, y })

export const box = (x: number, y: number, width: number, height: number) =>
  path([p(x, y), p(x + width, y), p(x + width, y + height), p(x, y + height)])

export const line = (...points: Point[]) => path(points, false)

export const disc = (x: number, y: number, r: number) =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0 Z`
