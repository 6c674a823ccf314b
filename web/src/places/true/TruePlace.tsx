import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { references } from '@/api/queries'
import { Trail } from '@/drawings/Trail'
import { asDate } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { InstrumentField } from './InstrumentField'
import { PaperField } from './PaperField'
import { ReferenceOutline } from './ReferenceOutline'
import { TrueNav } from './TrueNav'
import { pageOf } from '@/shell/pages'
import { told } from '@/parts/told'

const LINKS = [
  ['/true/add', 'Add a reference'],
  ['/true/winding', 'Sight a board with winding sticks'],
  ['/true/three-edges', 'Three edges against each other'],
  ['/true/known', 'Squares against a known one'],
] as const

/** The references, those that want testing first, each with its history in small. */
export function TruePlace() {
  const { data, error } = useQuery(references())
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const due = data.references.filter((one) => one.due !== null).length

  return (
    <>
      <Heading title="True" says={counts(due, data.references.length)} />
      <TrueNav />
      <p className="mb-3 flex flex-wrap gap-x-6">
        {LINKS.map(([to, says]) => (
          <Link key={to} to={to} className="min-h-8 underline underline-offset-4">
            {says}
          </Link>
        ))}
        <a href="/api/calendar.ics" className="min-h-8 underline underline-offset-4">
          Checks and sharpenings as a calendar
        </a>
      </p>
      <ul className="grid gap-x-8 md:grid-cols-2">
        {data.references.map((one) => (
          <li key={one.id} className="border-t border-rule">
            <Row listed={one} />
          </li>
        ))}
      </ul>
      <PaperField paper={data.paper} />
      <InstrumentField />
    </>
  )
}

function counts(due: number, all: number): string {
  if (all === 0)
    return 'Squares, straightedges, winding sticks, templates and flat things belong here. Add the first one.'
  return due === 0
    ? 'Every reference can be trusted.'
    : `${due} of ${all} references ${due === 1 ? 'wants' : 'want'} testing.`
}

function Row({ listed }: { listed: Schemas['Listed'] }) {
  return (
    <Link
      to={pageOf({ kind: 'reference', id: listed.id })}
      className="flex items-center gap-4 py-3 hover:bg-wood"
    >
      <ReferenceOutline outline={listed.outline} />
      <span className="min-w-0 grow">
        <strong className="block text-lg underline decoration-rule underline-offset-4">{listed.name}</strong>
        <span className="block text-soft">{told(listed.says)}</span>
        <span className={listed.due ? 'block font-bold text-red' : 'block'}>
          {listed.due ? `○ ${listed.due}` : `✓ Next check ${asDate(listed.nextCheckOn ?? '')}.`}
        </span>
        {listed.lastError && listed.testedAt && (
          <span className="block text-sm text-soft">
            last test {asDate(listed.testedAt)}: {listed.lastError}
          </span>
        )}
      </span>
      {listed.trail.length > 1 && (
        <span className="max-sm:hidden">
          <Trail listed={listed} width={96} height={44} />
        </span>
      )}
    </Link>
  )
}
