import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { lookPage } from '@/api/queries'
import { keepEnding, overtake, untilSent, waitingBody } from '@/api/sending'

type Outcome = Schemas['LookOverRequest']['found'][number]['outcome']

interface Found {
  outcome: Outcome
  readings: readonly string[]
}

export interface Standing {
  name: string
  asked: string
  good: string
  perHour: string
  found: Readonly<Record<string, Found>>
  sizes: Readonly<Record<string, string>>
}

/** A look-over in the hand: every tap and key is saved in its turn, so that it can be left half done. */
export function useLook(page: Schemas['Look']) {
  const queries = useQueryClient()
  const address = `/api/looks/${page.id}`
  // What was found without connection, and is not sent yet, is newer than what was last heard.
  const [unsent] = useState(() => waitingBody<Schemas['LookOverRequest']>('PUT', address))
  const [standing, setStanding] = useState<Standing>(() => (unsent ? standingSent(unsent) : standingOf(page)))
  const [problem, setProblem] = useState<string | null>(null)
  const version = useRef(page.version)
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const key = lookPage(page.id).queryKey

  const inTurn = useCallback(
    (send: () => Promise<Schemas['Look']>) => {
      queue.current = queue.current.then(async () => {
        try {
          const saved = await send()
          version.current = saved.version
          setProblem(null)
          queries.setQueryData(key, saved)
        } catch (wrong) {
          setProblem(wrong instanceof Error ? wrong.message : String(wrong))
        }
      })
      return queue.current
    },
    [queries, key],
  )

  useEffect(() => {
    if (unsent === null) return
    void inTurn(async () => {
      await untilSent('PUT', address)
      return queries.fetchQuery({ ...lookPage(page.id), staleTime: 0 })
    })
  }, [unsent, address, page.id, inTurn, queries])

  const change = (to: Partial<Standing>) => {
    const now = { ...standing, ...to }
    setStanding(now)
    overtake('PUT', address, sentOf(now))
    void inTurn(() =>
      answered(
        client.PUT('/api/looks/{look}', {
          params: { path: { look: page.id } },
          body: { ...sentOf(now), version: version.current },
        }),
      ),
    )
  }

  return {
    standing,
    problem,
    change,
    found: (check: string, found: Partial<Found>) => {
      const before = standing.found[check] ?? { outcome: null, readings: [] }
      change({ found: { ...standing.found, [check]: { ...before, ...found } } })
    },
    /** Settles it when everything typed before has been saved. */
    settle: (how: 'bought' | 'left', send: (version: number) => Promise<Schemas['Look']>) => {
      const price = how === 'bought' ? { price: standing.asked } : {}
      const release = keepEnding(address, `${address}/${how}`, { version: version.current, ...price })
      return inTurn(() => send(version.current).finally(release))
    },
  }
}

function standingOf(page: Schemas['Look']): Standing {
  const made = page.checks.map(
    (check) => [check.id, { outcome: byEye(check), readings: check.typed }] as const,
  )
  const { name, asked, good, perHour, sizes } = page
  return { name, asked, good, perHour, sizes, found: Object.fromEntries(made) }
}

function standingSent({ name, found, sizes, asked, good, perHour }: Schemas['LookOverRequest']): Standing {
  const made = found.map(({ check, outcome, readings }) => [check, { outcome, readings: readings.map(said) }])
  return {
    name,
    asked: said(asked),
    good: said(good),
    perHour: said(perHour),
    sizes: Object.fromEntries(Object.entries(sizes ?? {}).map(([size, text]) => [size, said(text)])),
    found: Object.fromEntries(made) as Standing['found'],
  }
}

const said = (text: string | null) => text ?? ''

/** What was read decides for itself; only what was said by eye is said again. */
const byEye = (check: Schemas['LookCheck']): Outcome =>
  check.typed.some((typed) => typed.trim() !== '') ? null : check.outcome

function sentOf({ found, sizes, ...rest }: Standing): Omit<Schemas['LookOverRequest'], 'version'> {
  const rows = Object.entries(found).map(([check, one]) => ({
    check,
    outcome: one.outcome,
    readings: [...one.readings],
  }))
  return {
    ...rest,
    sizes: { ...sizes },
    name: rest.name.trim() === '' ? 'no name yet' : rest.name,
    found: rows,
  }
}
