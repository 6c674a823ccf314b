import { scaleLinear, scaleUtc } from 'd3-scale'
import type { Schemas } from '@/api/client'

type Day = Schemas['SeasonDay']

const LEFT = 44
const RIGHT = 28
const TOP = 26
const BOTTOM = 24
const BETWEEN = 34
/** What of the height the moisture gets; the humidity below it the rest. */
const MOISTURE = 0.62

/** Points that follow each other without a hole: a line through the log breaks where it is silent. */
export function stretchesOf(days: readonly Day[]): Day[][] {
  const stretches: Day[][] = []
  for (const day of days) {
    const last = stretches.at(-1)
    const before = last?.at(-1)
    // Of a long log a point stands for several days, and may want one of them.
    if (last && before && day.day - before.until <= Math.max(1, before.until - before.day + 1)) last.push(day)
    else stretches.push([day])
  }
  return stretches
}

const DAY_MS = 86_400_000

export const dateOf = (day: Day | undefined) => new Date((day?.day ?? 0) * DAY_MS)

/** Scales of the two fields of the season's drawing: moisture above, humidity below. */
export function seasonScales(days: readonly Day[], width: number, height: number) {
  const first = dateOf(days[0])
  const last = dateOf(days.at(-1))
  const room = height - TOP - BOTTOM - BETWEEN
  const moistures = days.flatMap((day) => [day.restPct, day.woodPct ?? day.restPct])
  return {
    x: scaleUtc()
      .domain([first, last > first ? last : new Date(Number(first) + DAY_MS)])
      .range([LEFT, width - RIGHT]),
    moisture: scaleLinear()
      .domain([Math.floor(Math.min(...moistures)), Math.ceil(Math.max(...moistures))])
      .range([TOP + room * MOISTURE, TOP]),
    humidity: scaleLinear()
      .domain([Math.min(40, ...days.map((day) => day.lowRhPct)), 100])
      .range([height - BOTTOM, height - BOTTOM - room * (1 - MOISTURE)]),
    left: LEFT,
    right: width - RIGHT,
  }
}
