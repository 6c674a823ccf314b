import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { squares, straights } from '../../api/queries'
import { outlineOf } from '../../drawings/outlines'
import { asDate } from '../../parts/dates'
import { Heading } from '../../parts/Heading'
import { Lost, Waiting } from '../../parts/Notice'

/** The references, those that want testing first. */
export function TruePlace() {
  const { data, error } = useQuery(squares())
  const straight = useQuery(straights()).data
  if (error) return <Lost problem={error} />
  if (!data || !straight) return <Waiting />
  const all = [...data.squares, ...straight.straights]
  const due = all.filter((one) => one.due !== null).length

  return (
    <>
      <Heading title="True" says={counts(due, all.length)} />
      <p className="mb-3 flex flex-wrap gap-x-6">
        <Link to="/true/winding" className="min-h-8 underline underline-offset-4">
          Sight a board with winding sticks
        </Link>
        <Link to="/true/three-edges" className="min-h-8 underline underline-offset-4">
          Three edges against each other
        </Link>
        <Link to="/true/slope" className="min-h-8 underline underline-offset-4">
          A dovetail template
        </Link>
      </p>
      <ul className="grid gap-x-8 md:grid-cols-2">
        {data.squares.map((square) => (
          <li key={square.id} className="border-t border-rule">
            <Row square={square} />
          </li>
        ))}
        {straight.straights.map((one) => (
          <li key={`straight ${one.id}`} className="border-t border-rule">
            <StraightRow straight={one} />
          </li>
        ))}
      </ul>
    </>
  )
}

function counts(due: number, all: number): string {
  if (all === 0) return 'Squares and straightedges belong here. They come with the tools you hang up.'
  return due === 0
    ? 'Every reference can be trusted.'
    : `${due} of ${all} references ${due === 1 ? 'wants' : 'want'} testing.`
}

const SCALE = 0.42

function Row({ square }: { square: Schemas['Square'] }) {
  const outline = outlineOf('square', {
    blade: square.bladeMm,
    bladeWidth: square.bladeWidthMm,
    stock: square.stockMm,
    stockWidth: square.stockWidthMm,
  })
  return (
    <Link to={`/true/${square.id}`} className="flex items-center gap-6 py-3 hover:bg-wood">
      <svg
        aria-hidden
        width={76}
        height={110}
        viewBox={`-3 -3 ${76 / SCALE} ${110 / SCALE}`}
        className="shrink-0"
      >
        {outline.bodies.map((body) => (
          <path key={body} d={body} className="fill-steel stroke-ink" strokeWidth={3} />
        ))}
      </svg>
      <Standing reference={square} />
    </Link>
  )
}

/** A straightedge drawn small: its true edge below, the other shaped so that nobody mistakes it. */
function StraightRow({ straight }: { straight: Schemas['Straight'] }) {
  return (
    <Link to={`/true/straights/${straight.id}`} className="flex items-center gap-6 py-3 hover:bg-wood">
      <svg aria-hidden width={130} height={30} className="shrink-0">
        <path d="M4 24 H126 V17 Q65 0 4 17 Z" className="fill-steel stroke-ink" strokeWidth={1.25} />
      </svg>
      <Standing reference={straight} />
    </Link>
  )
}

type Reference = Pick<Schemas['Square'], 'name' | 'says' | 'due' | 'lastError' | 'testedAt'>

function Standing({ reference }: { reference: Reference }) {
  return (
    <span>
      <strong className="block text-lg underline decoration-rule underline-offset-4">{reference.name}</strong>
      <span className="block text-soft">{reference.says}</span>
      <span className={reference.due ? 'block font-bold text-red' : 'block'}>
        {reference.due ? `○ ${reference.due}` : '✓ It can be trusted.'}
      </span>
      {reference.lastError && reference.testedAt && (
        <span className="block text-sm text-soft">
          last test {asDate(reference.testedAt)}: {reference.lastError}
        </span>
      )}
    </span>
  )
}
