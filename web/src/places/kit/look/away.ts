import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { useConnection } from '@/api/connection'
import { lookAway } from '@/api/queries'
import { answerTo, rewrite, sendLater, waitingAt } from '@/api/sending'

export type AwayKind = Schemas['AwayKind']
type AwayCheck = Schemas['AwayCheck']
type Body = Schemas['BroughtLookRequest']
type Outcome = Body['found'][number]['outcome']

const ADDRESS = '/api/looks/brought'

/** What one check came to, as far as it can be told without the bench. */
export interface FoundAway {
  outcome: Outcome
  readings: readonly string[]
}

/** Begins to look a tool over where the bench does not answer: its key. */
export function beginAway(kind: AwayKind, unit: Body['unit']): string {
  const begunAt = new Date().toISOString()
  const body: Body = { kind: kind.kind, unit, begunAt, state: 'open', asked: '', found: [] }
  return sendLater('POST', ADDRESS, body, `${kind.name}, looked over`)
}

/** Look-overs that are on this device alone. */
export function useWaitingLooks(): { key: string; says: string }[] {
  useConnection()
  return waitingAt(ADDRESS)
}

/** One of them: what was found so far, and the most to offer by the table that was taken along. */
export function useLookAway(key: string) {
  const { lost } = useConnection()
  const { data } = useQuery(lookAway())
  const waits = waitingAt(ADDRESS).find((one) => one.key === key)
  const [body, setBody] = useState(() => (waits ? (JSON.parse(waits.body) as Body) : null))
  const kind = data?.kinds.find((one) => one.kind === body?.kind)
  const change = (to: Partial<Body>) => {
    if (!body) return
    const now = { ...body, ...to }
    setBody(now)
    rewrite(key, now)
  }
  const found = (check: string): FoundAway =>
    body?.found.find((one) => one.check === check) ?? { outcome: null, readings: [] }
  return {
    /** Null: it is on this device no more. */
    body: waits ? body : null,
    /** Where it is now, once it was sent; null: it was not, or that is not known. */
    id: (answerTo(key) as Schemas['Look'] | null | undefined)?.id ?? null,
    lost,
    kind,
    caution: data?.caution ?? '',
    perHour: data?.perHour ?? '',
    found,
    change,
    find: (check: string, to: Partial<FoundAway>) => {
      const one = { check, ...found(check), ...to }
      change({
        found: [
          ...(body?.found ?? []).filter((other) => other.check !== check),
          { ...one, readings: [...one.readings] },
        ],
      })
    },
  }
}

/** Which of the prices that were reckoned beforehand holds: see the core's PriceTable for how they lie. */
export function placeOf(checks: readonly AwayCheck[], outcomeOf: (check: string) => Outcome): number {
  let place = 0
  let counts = 1
  for (const check of checks) {
    place += counts * standing(outcomeOf(check.id))
    counts *= check.standings
  }
  return place
}

const standing = (outcome: Outcome) => (outcome === 'sound' ? 1 : outcome === 'mend' ? 2 : 0)
