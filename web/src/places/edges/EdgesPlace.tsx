import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { day, edges, outlook } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { capital } from '@/parts/capital'
import { EdgeRow } from './EdgeRow'
import { EdgesNav } from './EdgesNav'
import { WhatIsMissing } from './day/WhatIsMissing'
import { Writes } from '@/parts/Writes'

/** Every cutting edge as a small section, worst first, with when it will next want honing. */
export function EdgesPlace() {
  const { data, error } = useQuery(edges())
  const ahead = useQuery(outlook()).data
  const together = useQuery(day(null))
  if (error && !data) return <Lost problem={error} />
  // What stands above the list comes with it: a list that moves under the finger is tapped in the wrong place.
  if (!data || together.isPending) return <Waiting />
  const blunt = data.edges.filter((edge) => edge.condition !== 'sharp' && edge.condition !== 'unknown').length
  const unknown = data.edges.filter((edge) => edge.condition === 'unknown')
  const forecasts = new Map(ahead?.edges.map((row) => [row.edgeId, row]))

  return (
    <>
      <Heading title="Edges" says={counts(blunt, unknown.length, data.edges.length)} />
      <EdgesNav />
      {data.edges.length === 0 && <FirstEdge />}
      {blunt > 0 && together.data && <DayAhead plan={together.data} />}
      {blunt === 0 && unknown[0] && <FirstLook edge={unknown[0]} />}
      <ul className="mt-5 grid gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
        {data.edges.map((edge) => (
          <li key={edge.id} className="border-t border-rule">
            <EdgeRow edge={edge} ahead={forecasts.get(edge.id)} jobMinutes={ahead?.jobMinutes ?? 0} />
          </li>
        ))}
      </ul>
      {ahead && <HoldsUp says={ahead.compares} />}
    </>
  )
}

function counts(blunt: number, unknown: number, all: number): string {
  if (all === 0) return 'Every cutting edge belongs here, each as a small section, worst first.'
  if (blunt + unknown === 0) return 'All of them are sharp.'
  const parts = [
    blunt > 0 && `${blunt} of ${all} ${blunt === 1 ? 'wants' : 'want'} honing`,
    unknown > 0 && (unknown === all ? 'nobody has looked at them yet' : `${unknown} not looked at yet`),
  ]
  return `${capital(parts.filter((part) => part !== false).join(', '))}; worst first.`
}

function FirstEdge() {
  return (
    <div className="max-w-2xl">
      <NextStroke
        says="Hang up the first chisel or plane."
        why="Its edge comes with it; then put a stone on the rack, and the plan is there."
      >
        <Writes>
          <MainLink to="/kit/add">Add a tool</MainLink>
        </Writes>
        <Link to="/edges/rack" className="min-h-8 underline underline-offset-4">
          Lay out the rack
        </Link>
      </NextStroke>
    </div>
  )
}

/** What is not known is due for a look before anything is said of it. */
function FirstLook({ edge }: { edge: Schemas['Edge'] }) {
  return (
    <div className="max-w-2xl">
      <NextStroke
        says={`Look at the ${edge.name}.`}
        why="Hold it against a light: does a bright line show? What you see decides what it wants."
      >
        <MainLink to={`/edges/${edge.id}`}>Say what you see</MainLink>
      </NextStroke>
    </div>
  )
}

/** All that are due, taken together. */
function DayAhead({ plan }: { plan: Schemas['Day'] }) {
  return (
    <div className="max-w-2xl">
      <NextStroke {...plan.next}>
        {plan.rounds.length > 0 ? (
          <MainLink to="/edges/day">Sharpen them together</MainLink>
        ) : (
          <WhatIsMissing plan={plan} />
        )}
      </NextStroke>
    </div>
  )
}

function HoldsUp({ says }: { says: Schemas['Outlook']['compares'] }) {
  if (says.length === 0) return null
  return (
    <section className="mt-6 max-w-3xl">
      <h2 className="text-lg">What holds up better, on your own record</h2>
      <ul>
        {says.map((sentence) => (
          <li key={sentence} className="border-t border-rule py-1.5">
            {sentence}
          </li>
        ))}
      </ul>
    </section>
  )
}
