import type { Point } from './geometry'

/** How many numbers a command of an outline's path takes for one stretch; the last two of them are its end. */
const NUMBERS: Readonly<Record<string, number>> = { M: 2, l: 2, h: 1, v: 1, c: 6 }

/** Where an open path of an outline begins and ends, in its own millimetres; null: it has no place. */
export function pathEnds(path: string): { from: Point; to: Point } | null {
  let at: Point = { x: 0, y: 0 }
  let from: Point | null = null
  for (const [, command = '', told = ''] of path.matchAll(/([Mlhvc])([^Mlhvc]*)/g)) {
    const numbers = [...told.matchAll(/-?\d*\.?\d+/g)].map(Number)
    const each = NUMBERS[command] ?? 2
    for (let index = 0; index + each <= numbers.length; index += each) {
      const [x = 0, y = 0] = numbers.slice(index + each - 2, index + each)
      if (command === 'h') at = { ...at, x: at.x + (numbers[index] ?? 0) }
      else if (command === 'v') at = { ...at, y: at.y + (numbers[index] ?? 0) }
      else at = { x: at.x + x, y: at.y + y }
    }
    from ??= at
  }
  return from && { from, to: at }
}
