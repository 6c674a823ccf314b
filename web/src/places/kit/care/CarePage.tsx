import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { care } from '@/api/queries'
import { ToolWithin } from '@/drawings/ToolOutline'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { useOutlines } from '@/parts/useOutlines'
import { KitNav } from '@/places/kit/KitNav'
import { Stocks } from './Stocks'
import { told } from '@/parts/told'

/** What keeps the tools well, by interval and by the shop's damp; and what is used up. */
export function CarePage() {
  const { data, error } = useQuery(care())
  if (error && !data) return <Lost problem={error} />
  return data ? <Page data={data} /> : <Waiting />
}

function Page({ data }: { data: Schemas['Care'] }) {
  const done = useChange((key: string) =>
    answered(client.POST('/api/upkeep/{key}/done', { params: { path: { key } } })),
  )
  const damp = useChange((chosen: string) =>
    answered(client.PUT('/api/care/damp', { body: { damp: chosen as Schemas['DampRequest']['damp'] } })),
  )
  const outlines = useOutlines()
  const due = data.rounds.filter((round) => round.isDue)
  const first = due[0]

  return (
    <>
      <Heading title="Care" says="A few minutes a week keep what honing cannot bring back." />
      <KitNav />
      <div className="grid grid-cols-1 gap-x-10 gap-y-6 *:min-w-0 md:grid-cols-2">
        <section>
          <NextStroke
            says={first?.says ?? 'Nothing is due.'}
            why={
              first
                ? `${first.why} ${first.last}`
                : 'Each round comes back by its days, or sooner where it is damp.'
            }
          >
            {first && (
              <Button writes weight="main" disabled={done.isPending} onClick={() => done.mutate(first.key)}>
                Done, {first.minutes} min
              </Button>
            )}
          </NextStroke>
          <Complaint problem={done.error ?? damp.error} besides={[]} />
          <ul className="mt-5">
            {data.rounds.map((round) => (
              <li key={round.key} className="flex items-baseline gap-3 border-t border-rule py-2">
                <span className="min-w-0 grow">
                  <span className={round.isDue ? 'block font-bold' : 'block'}>
                    {round.isDue ? '○ ' : '✓ '}
                    {told(round.says)}
                  </span>
                  <span className="block text-sm text-soft">{round.last}</span>
                  {round.tools.length > 0 && (
                    <span className="mt-1.5 flex h-9 flex-wrap items-center gap-x-4 overflow-hidden">
                      {round.tools.map((id) => {
                        const outline = outlines.get(id)
                        return (
                          outline && (
                            <ToolWithin key={id} outline={outline} width={56} height={32} most={0.3} />
                          )
                        )
                      })}
                    </span>
                  )}
                </span>
                <span className="shrink-0 text-sm text-soft">{round.minutes} min</span>
                <Button
                  writes
                  className="shrink-0"
                  disabled={done.isPending}
                  onClick={() => done.mutate(round.key)}
                >
                  Done
                </Button>
              </li>
            ))}
          </ul>
          <Choice
            label="The shop’s air"
            hint="through most of the year"
            value={data.damp}
            options={data.damps}
            onChange={(chosen) => damp.mutate(chosen)}
          />
          {data.dampByLog && <p className="text-sm text-soft">{data.dampByLog}</p>}
        </section>
        <Stocks data={data} />
      </div>
    </>
  )
}
