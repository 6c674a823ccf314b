import type { Schemas } from '@/api/client'

/** When each round and each visit begins and ends, seconds from the start of the day. */
export function daySpans(plan: Pick<Schemas['Day'], 'rounds'>) {
  let clock = 0
  const rounds = plan.rounds.map((round) => {
    const from = clock
    clock += round.changeSeconds
    const visits = round.visits.map((visit) => {
      const start = clock
      clock += visit.seconds
      return { edgeId: visit.edgeId, strokes: visit.strokes, from: start, to: clock }
    })
    return { ...round, from, until: clock, visits }
  })
  return { rounds, seconds: clock }
}
