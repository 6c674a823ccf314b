import type { Schemas } from '@/api/client'

/** Where a session stands: step, phase, strokes at each step. */
export interface Standing {
  atStep: number
  phase: Schemas['Session']['phase']
  counted: readonly number[]
}

export type Step = Pick<Schemas['SessionStep'], 'kind' | 'count'>

/** Where it stands now, and whether that was the end of it. */
export interface Move {
  to: Standing
  finish: boolean
}

const TAPPED: readonly Step['kind'][] = ['plane', 'rub', 'file', 'cut', 'do']

/** Whether every tap counts one: strokes of the plane or over the paper, teeth of a saw. */
export const isTapped = (step: Pick<Step, 'kind'>): boolean => TAPPED.includes(step.kind)

/**
 * One tap on. Making has nothing to count: it is done, then looked at. At a stone: fetch, stroke, check, then the
 * next stone. With the plane every tap is a stroke, at a saw a tooth, and the last of them goes on by itself; `by` of
 * them can be told at once.
 */
export function forward(at: Standing, steps: readonly Step[], by = 1): Move {
  const step = steps[at.atStep]
  if (at.phase === 'fetch') return on({ ...at, phase: step?.kind === 'make' ? 'check' : 'stroke' })
  if (step && isTapped(step)) {
    const counted = withCount(at, Math.min(step.count, (at.counted[at.atStep] ?? 0) + by))
    return (counted[at.atStep] ?? 0) < step.count ? on({ ...at, counted }) : next({ ...at, counted }, steps)
  }
  return at.phase === 'stroke' ? on({ ...at, phase: 'check' }) : next(at, steps)
}

/** How many at once make sense of those that are left: a group of ten, and all of them. */
export function groups(left: number): number[] {
  return left > 1 ? [...(left > GROUP ? [GROUP] : []), left] : []
}

const GROUP = 10

const on = (to: Standing): Move => ({ to, finish: false })

const next = (at: Standing, steps: readonly Step[]): Move =>
  at.atStep + 1 < steps.length
    ? on({ ...at, atStep: at.atStep + 1, phase: 'fetch' })
    : { to: at, finish: true }

/**
 * One tap back; null at the very beginning. Going back to fetching a stone takes its strokes back too; with the plane
 * one stroke is taken back at a time.
 */
export function backward(at: Standing, steps: readonly Step[]): Standing | null {
  const count = at.counted[at.atStep] ?? 0
  const step = steps[at.atStep]
  const taps = step !== undefined && isTapped(step)
  switch (at.phase) {
    case 'check':
      return { ...at, phase: step?.kind === 'make' ? 'fetch' : 'stroke' }
    case 'stroke':
      return taps && count > 0
        ? { ...at, counted: withCount(at, count - 1) }
        : { ...at, phase: 'fetch', counted: withCount(at, 0) }
    case 'fetch':
      return at.atStep > 0 ? lastOf({ ...at, atStep: at.atStep - 1 }, steps) : null
  }
}

function lastOf(at: Standing, steps: readonly Step[]): Standing {
  const step = steps[at.atStep]
  if (!step || !isTapped(step)) return { ...at, phase: 'check' }
  return { ...at, phase: 'stroke', counted: withCount(at, (at.counted[at.atStep] ?? 0) - 1) }
}

export function withCount(at: Standing, count: number): number[] {
  return at.counted.map((strokes, step) => (step === at.atStep ? Math.max(0, count) : strokes))
}
