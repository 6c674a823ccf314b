import type { Schemas } from '../../api/client'

/** Where a session stands: stone, phase, strokes on each stone. */
export interface Standing {
  atStep: number
  phase: Schemas['Session']['phase']
  counted: readonly number[]
}

export type Move = { to: Standing } | { finish: true }

/** One tap on: fetch, stroke, check, then the next stone; after the last check it is finished. */
export function forward(at: Standing, steps: number): Move {
  switch (at.phase) {
    case 'fetch':
      return { to: { ...at, phase: 'stroke' } }
    case 'stroke':
      return { to: { ...at, phase: 'check' } }
    case 'check':
      return at.atStep + 1 < steps
        ? { to: { ...at, atStep: at.atStep + 1, phase: 'fetch' } }
        : { finish: true }
  }
}

/** One tap back; null at the very beginning. Going back to fetching a stone takes its strokes back too. */
export function backward(at: Standing): Standing | null {
  switch (at.phase) {
    case 'check':
      return { ...at, phase: 'stroke' }
    case 'stroke':
      return { ...at, phase: 'fetch', counted: withCount(at, 0) }
    case 'fetch':
      return at.atStep > 0 ? { ...at, atStep: at.atStep - 1, phase: 'check' } : null
  }
}

export function withCount(at: Standing, count: number): number[] {
  return at.counted.map((strokes, step) => (step === at.atStep ? Math.max(0, count) : strokes))
}
