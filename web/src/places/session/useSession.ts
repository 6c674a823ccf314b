import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { session as sessionQuery } from '@/api/queries'
import { keepEnding, overtake, untilSent, waitingBody } from '@/api/sending'
import { isCounted } from './words'
import { backward, forward, isTapped, type Standing, withCount } from './walk'

/** Walks a session; every tap is saved in order, and another window's taps are taken over. */
export function useSession(at: Schemas['Session']) {
  const queries = useQueryClient()
  const address = `/api/sessions/${at.id}`
  // What was counted without connection, and is not sent yet, is newer than what was last heard.
  const [unsent] = useState(() => waitingBody<Standing>('PUT', address))
  const [standing, setStanding] = useState<Standing>(unsent ?? at)
  const [problem, setProblem] = useState<string | null>(null)
  const version = useRef(at.version)
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const newest = useRef(0)
  const path = { path: { session: at.id } }

  const inTurn = useCallback(
    (send: () => Promise<Schemas['Session'] | null>, isNewest: () => boolean) => {
      queue.current = queue.current.then(async () => {
        try {
          const saved = await send()
          if (saved === null) return
          version.current = saved.version
          setProblem(null)
          if (saved.state !== 'running') queries.setQueryData(sessionQuery(at.id).queryKey, saved)
        } catch (wrong) {
          setProblem(
            wrong instanceof Refused && wrong.changedElsewhere
              ? 'Another window went on with this session. Here is where it stands.'
              : String(wrong instanceof Error ? wrong.message : wrong),
          )
          if (!(wrong instanceof Refused && wrong.changedElsewhere)) return
          const now = await queries.fetchQuery({ ...sessionQuery(at.id), staleTime: 0 })
          version.current = now.version
          if (isNewest()) setStanding(now)
        }
      })
    },
    [at.id, queries],
  )

  useEffect(() => {
    if (unsent === null) return
    inTurn(
      async () => {
        await untilSent('PUT', address)
        return queries.fetchQuery({ ...sessionQuery(at.id), staleTime: 0 })
      },
      () => false,
    )
  }, [unsent, address, at.id, inTurn, queries])

  const save = (to: Standing) => {
    setStanding(to)
    overtake('PUT', address, plain(to))
    newest.current += 1
    const mine = newest.current
    const isNewest = () => mine === newest.current
    inTurn(async () => {
      // While the bench was silent the count went on: only where it stands now is sent then.
      if (!isNewest()) return null
      return answered(
        client.PUT('/api/sessions/{session}', {
          params: path,
          body: { ...plain(to), version: version.current },
        }),
      )
    }, isNewest)
  }
  const [isEnded, setEnded] = useState(false)
  const finish = (outcome: 'done' | 'stopped') => {
    setEnded(true)
    const body = { outcome, version: version.current }
    const release = keepEnding(address, `${address}/finish`, body)
    inTurn(
      () =>
        answered(
          client.POST('/api/sessions/{session}/finish', {
            params: path,
            body: { ...body, version: version.current },
          }),
        ).finally(release),
      () => true,
    )
  }

  const step = at.steps[standing.atStep] ?? at.steps[0]
  if (!step) throw new Error('A session has at least one stone.')
  useBeat(standing.phase === 'stroke' && isCounted(step) && !isTapped(step), at.secondsPerStroke, () => {
    const counted = withCount(standing, (standing.counted[standing.atStep] ?? 0) + 1)
    // Every stroke is saved, so that a closed browser loses none.
    save({ ...standing, counted })
  })

  const before = backward(standing, at.steps)

  return {
    atStep: standing.atStep,
    phase: standing.phase,
    step,
    count: standing.counted[standing.atStep] ?? 0,
    isLast: standing.atStep === at.steps.length - 1,
    problem,
    /** It came to its end here, whether or not that could be sent yet. */
    isEnded,
    /** One tap on; at what is tapped, `by` strokes or teeth of it. */
    next: (by = 1) => {
      const { to, finish: isDone } = forward(standing, at.steps, by)
      if (to !== standing) save(to)
      if (isDone) finish('done')
    },
    canGoBack: before !== null,
    back: () => before && save(before),
    adjust: (by: number) =>
      save({ ...standing, counted: withCount(standing, (standing.counted[standing.atStep] ?? 0) + by) }),
    stop: () => finish('stopped'),
  }
}

function plain({
  atStep,
  phase,
  counted,
}: Standing): Pick<Schemas['ProgressRequest'], 'atStep' | 'phase' | 'counted'> {
  return { atStep, phase, counted: [...counted] }
}

/** Calls once a beat while it runs. */
function useBeat(running: boolean, seconds: number, onBeat: () => void): void {
  const current = useRef(onBeat)
  useEffect(() => {
    current.current = onBeat
  })
  useEffect(() => {
    if (!running) return
    const timer = setInterval(() => current.current(), seconds * 1000)
    return () => clearInterval(timer)
  }, [running, seconds])
}
