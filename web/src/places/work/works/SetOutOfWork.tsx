import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { workCard } from '@/api/queries'
import { Button } from '@/parts/Button'
import { capital } from '@/parts/capital'
import { useChange } from '@/parts/useChange'
import { useToBench } from '@/parts/useToBench'
import { told } from '@/parts/told'

/** What is set out for a work, what it still asks, and the card of all settings. */
export function SetOutOfWork({ work }: { work: number }) {
  const card = useQuery(workCard(work)).data
  if (!card) return null
  return (
    <>
      <section className="mb-5">
        <h2 className="mb-1 text-lg">Set out</h2>
        <ul>
          {card.kept.map((kept) => (
            <Kept key={kept.id} work={work} kept={kept} />
          ))}
        </ul>
        {card.asks.length > 0 && (
          <p className="flex flex-wrap gap-x-5 border-t border-rule py-1.5">
            <span className="text-soft">From its own numbers:</span>
            {card.asks.map((one) => (
              <Link
                key={one.value}
                to={`/work/${one.value}?work=${work}`}
                className="font-bold underline underline-offset-4"
              >
                {one.label}
              </Link>
            ))}
          </p>
        )}
      </section>
      {card.rows.length > 0 && <Card card={card} />}
    </>
  )
}

function Kept({ work, kept }: { work: number; kept: Schemas['KeptSetOut'] }) {
  const remove = useChange(() =>
    answered(
      client.DELETE('/api/set-outs/{setOut}', {
        params: { path: { setOut: kept.id } },
        body: { version: kept.version },
      }),
    ),
  )
  const bench = useToBench(() =>
    answered(client.POST('/api/set-outs/{setOut}/sessions', { params: { path: { setOut: kept.id } } })),
  )
  return (
    <li className="flex items-baseline justify-between gap-4 border-t border-rule py-1.5">
      <span>
        <Link
          to={`/work/${kept.question}?work=${work}&kept=${kept.id}`}
          className="font-bold underline underline-offset-4"
        >
          {capital(kept.label)}
        </Link>
        <span className="block text-sm text-soft">{told(kept.says)}</span>
        {(remove.error ?? bench.error) && (
          <span role="alert" className="block font-bold text-red">
            {(remove.error ?? bench.error)?.message}
          </span>
        )}
      </span>
      <span className="flex shrink-0 gap-x-4">
        {kept.counts && (
          <Button
            writes
            aria-label={`Count at the bench: ${kept.label}`}
            disabled={bench.isPending}
            onClick={() => bench.mutate(undefined)}
          >
            Count
          </Button>
        )}
        <Button
          writes
          aria-label={`Take off the card: ${kept.label}`}
          disabled={remove.isPending}
          onClick={() => remove.mutate(undefined)}
        >
          Take off
        </Button>
      </span>
    </li>
  )
}

/** Every setting in the order it is used, each gauge kept set until it is not wanted any more. */
function Card({ card }: { card: Schemas['WorkCard'] }) {
  return (
    <section className="mb-5 border border-rule p-1">
      <div className="border border-ink bg-sheet">
        <h2 className="px-3 pt-2 text-lg">Settings card</h2>
        {card.gauges && <p className="px-3 pb-1">{card.gauges}</p>}
        <ol>
          {card.rows.map((row, index) => (
            <li
              key={`${row.of} ${row.tool} ${row.for} ${index}`}
              className="flex items-baseline justify-between gap-4 border-t border-rule px-3 py-1"
            >
              <span>
                <span className="font-bold">{row.tool}</span>, {row.for}
                <span className="text-sm text-soft"> · {row.of}</span>
              </span>
              <span className="shrink-0 text-right">
                <span className={`font-slab text-xl ${row.isSet ? 'font-semibold' : 'text-soft'}`}>
                  {row.to}
                </span>
                {!row.isSet && <span className="block text-sm text-soft">still set</span>}
              </span>
            </li>
          ))}
        </ol>
        <p className="flex gap-x-5 border-t border-ink px-3 py-1.5 text-sm">
          <span className="text-soft">To hang at the bench:</span>
          <a href={`/api/works/${card.work}/settings.pdf`} className="underline underline-offset-4">
            PDF
          </a>
          <a href={`/api/works/${card.work}/settings.svg`} className="underline underline-offset-4">
            SVG
          </a>
        </p>
      </div>
    </section>
  )
}
