import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { day } from '@/api/queries'
import { DayDrawing, dayHeight } from '@/drawings/DayDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { useToBench } from '@/parts/useToBench'
import { EdgesNav } from '@/places/edges/EdgesNav'
import { DayChoice } from './DayChoice'
import { DayRounds } from './DayRounds'
import { WhatIsMissing } from './WhatIsMissing'

/** Sharpening day: the chosen edges taken together, stone by stone. */
export function DayPage() {
  // Until something is chosen by hand, all that are due are taken.
  const [chosen, setChosen] = useState<readonly number[] | null>(null)
  const { data, error } = useQuery(day(chosen))
  const start = useToBench(() =>
    answered(client.POST('/api/day/sessions', { body: chosen ? { edges: [...chosen] } : {} })),
  )
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading
        title="Sharpening day"
        says="Every edge together, stone by stone: each stone is fetched, wetted and flattened once."
      />
      <EdgesNav />
      <Board
        columnFirst
        drawing={data.rounds.length > 0 ? <DaySheet plan={data} /> : <EmptyDay />}
        below={<DayRounds rounds={data.rounds} />}
        column={
          <>
            <NextStroke {...data.next}>
              {data.rounds.length === 0 ? (
                <WhatIsMissing plan={data} />
              ) : (
                <Button
                  writes
                  weight="main"
                  disabled={start.isPending}
                  onClick={() => start.mutate(undefined)}
                >
                  Start the day at the bench
                </Button>
              )}
            </NextStroke>
            <Complaint problem={start.error} besides={[]} />
            {data.waits.map((says) => (
              <p key={says} className="mt-2 text-soft">
                {says}
              </p>
            ))}
            <DayChoice edges={data.edges} onChoose={setChosen} />
          </>
        }
      />
    </>
  )
}

function DaySheet({ plan }: { plan: Schemas['Day'] }) {
  return (
    <Sheet
      title="Who goes over which stone"
      says={plan.rounds
        .map((round) => `${round.stone}: ${round.visits.map((visit) => visit.edge).join(', ')}`)
        .join('. ')}
      block={[
        ['Across', 'time'],
        ['Figures', 'strokes on the stone above'],
        ['Hatched', 'fetching and wetting it'],
      ]}
      height={() => dayHeight(plan)}
    >
      {({ width }) => <DayDrawing plan={plan} width={width} />}
    </Sheet>
  )
}

function EmptyDay() {
  return <p className="text-soft">Choose the edges, and the day stands here, stone after stone.</p>
}
