import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { eye } from '@/api/queries'
import { EYE_SIGNS } from '@/drawings/signs/eyeSigns'
import { Sign } from '@/drawings/signs/Sign'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { TrueNav } from '@/places/true/TrueNav'
import { Card } from './Card'
import { useScreen } from './useScreen'

/** How small an error this eye sees reliably, and what that counts for. */
export function EyePage() {
  const { data, error } = useQuery(eye())
  if (error && !data) return <Lost problem={error} />
  return data ? <Page at={data} /> : <Waiting />
}

function Page({ at }: { at: Schemas['Eye'] }) {
  const screen = useScreen()
  const [distance, setDistance] = useState('')
  const navigate = useNavigate()
  const begin = useChange(
    (exercise: Schemas['EyeExercise']['exercise']) =>
      answered(
        client.POST('/api/eye/{exercise}/runs', {
          params: { path: { exercise } },
          body: { distance, pxPerMm: screen.pxPerMm },
        }),
      ),
    (run) => void navigate(`/true/eye/runs/${run.id}`),
  )
  const refused = begin.error instanceof Refused ? begin.error : null
  return (
    <>
      <Heading
        title="Your eye"
        says="How small an error you see reliably: what you read by eye is no finer than that."
      />
      <TrueNav />
      <Board
        columnFirst
        drawing={
          <Card cardMm={at.cardMm} pxPerMm={screen.pxPerMm} isKnown={screen.isKnown} onChange={screen.keep} />
        }
        column={
          <>
            <NextStroke says={at.next.says} why={at.next.why} />
            <PlainField
              label="From the screen to your eye"
              hint={`where nothing is typed: ${at.distance}`}
              quantity="length"
              value={distance}
              error={refused?.about('distance')}
              onChange={setDistance}
            />
            <Complaint problem={begin.error} besides={['distance']} />
          </>
        }
        below={
          <ul>
            {at.exercises.map((one) => (
              <li key={one.exercise} className="flex items-center gap-4 border-t border-rule py-2">
                <Sign shapes={EYE_SIGNS[one.exercise]} />
                <span className="min-w-0 grow">
                  <strong>{one.label}</strong>
                  {one.seen === null ? (
                    <span className="block">{one.says}</span>
                  ) : (
                    <span className="block">
                      <strong>{one.seen}</strong> {one.counts}
                    </span>
                  )}
                  {one.on !== null && (
                    <span className={`block text-sm ${one.isOld ? 'text-amber' : 'text-soft'}`}>
                      Found on {one.on}
                      {one.isOld && ': look again'}
                    </span>
                  )}
                </span>
                {one.open === null ? (
                  <Button
                    writes
                    aria-label={`Begin: ${one.label}`}
                    disabled={begin.isPending || (one.isDrawn && !screen.isKnown)}
                    onClick={() => begin.mutate(one.exercise)}
                  >
                    {one.seen === null ? 'Begin' : 'Again'}
                  </Button>
                ) : (
                  <Link
                    to={`/true/eye/runs/${one.open}`}
                    aria-label={`Go on: ${one.label}`}
                    className="font-bold underline underline-offset-4"
                  >
                    Go on
                  </Link>
                )}
              </li>
            ))}
            {!screen.isKnown && (
              <li className="border-t border-rule py-2 text-soft">
                What is drawn begins when the card above fits: before that nobody knows how large anything is
                here.
              </li>
            )}
          </ul>
        }
      />
    </>
  )
}
