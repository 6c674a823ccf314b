import type { Schemas } from '@/api/client'

type Row = Schemas['JobRow']

/** A step of a job as a length of the rule: how much of it is done, and whether an edge is honed there. */
export interface Stretch {
  at: number
  from: number
  to: number
  /** Up to here it is done. */
  done: number
  isHoning: boolean
  isNext: boolean
}

/** Steps that follow each other in one phase of the work. */
export interface Span {
  phase: string
  from: number
  to: number
}

export interface Band {
  batch: number
  stretches: readonly Stretch[]
  spans: readonly Span[]
}

/** One rule for each batch, all to one scale: the longest takes the whole width. */
export function bandsOf(rows: readonly Row[], kinds: readonly Schemas['JobKind'][], width: number): Band[] {
  const batches = [...new Set(rows.map((row) => row.batch))].sort((a, b) => a - b)
  const minutes = (batch: number) =>
    rows.filter((row) => row.batch === batch).reduce((sum, row) => sum + row.minutes, 0)
  const longest = Math.max(1, ...batches.map(minutes))
  return batches.map((batch) => bandOf(batch, rows, kinds, width / longest))
}

/** Hours along the rules, so far apart that their numbers have room. */
export function hoursOf(rows: readonly Row[], width: number): { hours: number; at: number }[] {
  const sums = new Map<number, number>()
  for (const row of rows) sums.set(row.batch, (sums.get(row.batch) ?? 0) + row.minutes)
  const hours = Math.max(1, ...sums.values()) / 60
  const step = STEPS.find((one) => (one / hours) * width >= APART) ?? 50
  return Array.from({ length: Math.floor(hours / step) }, (_, index) => ({
    hours: step * (index + 1),
    at: ((step * (index + 1)) / hours) * width,
  }))
}

const STEPS = [0.5, 1, 2, 5, 10, 20, 50]
const APART = 52

function bandOf(
  batch: number,
  rows: readonly Row[],
  kinds: readonly Schemas['JobKind'][],
  scale: number,
): Band {
  const stretches: Stretch[] = []
  const spans: Span[] = []
  let from = 0
  rows.forEach((row, at) => {
    if (row.batch !== batch) return
    const kind = kinds[row.kind]
    const to = from + scale * row.minutes
    const share = row.units > 0 ? row.done / row.units : 0
    const isHoning = kind?.hone != null
    stretches.push({ at, from, to, done: from + share * (to - from), isHoning, isNext: row.state === 'next' })
    const last = spans.at(-1)
    const phase = kind?.phase ?? ''
    if (last && (isHoning || last.phase === phase)) last.to = to
    else spans.push({ phase, from, to })
    from = to
  })
  return { batch, stretches, spans }
}
