import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { squares } from '../../api/queries'
import { outlineOf } from '../../drawings/outlines'
import { asDate } from '../../parts/dates'
import { Heading } from '../../parts/Heading'
import { Lost, Waiting } from '../../parts/Notice'

/** The references, those that want testing first. */
export function TruePlace() {
  const { data, error } = useQuery(squares())
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  const due = data.squares.filter((square) => square.due !== null).length

  return (
    <>
      <Heading
        title="True"
        says={
          due === 0
            ? 'Every square can be trusted.'
            : `${due} of ${data.squares.length} squares ${due === 1 ? 'wants' : 'want'} testing.`
        }
      />
      <ul className="grid gap-x-8 md:grid-cols-2">
        {data.squares.map((square) => (
          <li key={square.id} className="border-t border-rule">
            <Row square={square} />
          </li>
        ))}
      </ul>
      {data.squares.length === 0 && (
        <p className="text-soft">Squares belong here. They come with the tools you get.</p>
      )}
    </>
  )
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
      <span>
        <strong className="block text-lg underline decoration-rule underline-offset-4">{square.name}</strong>
        <span className="block text-soft">{square.says}</span>
        <span className={square.due ? 'block font-bold text-red' : 'block'}>
          {square.due ? `○ ${square.due}` : '✓ It can be trusted.'}
        </span>
        {square.lastError && square.testedAt && (
          <span className="block text-sm text-soft">
            last test {asDate(square.testedAt)}: {square.lastError}
          </span>
        )}
      </span>
    </Link>
  )
}
