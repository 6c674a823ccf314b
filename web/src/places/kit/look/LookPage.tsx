import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { lookPage } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { MainLink } from '@/parts/MainLink'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { ToolFigures } from '@/places/kit/tool/ToolFigures'
import { CheckCard } from './CheckCard'
import { CheckList } from './CheckList'
import { following } from './following'
import { Photos } from '@/parts/photos/Photos'
import { PriceSheet } from './PriceSheet'
import { useLook } from './useLook'
import { told } from '@/parts/told'

/** A second-hand tool in one hand, the phone in the other: one check at a time, and what to offer. */
export function LookPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(lookPage(id))
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  return data.state === 'open' ? <Open key={id} page={data} /> : <Settled page={data} />
}

function Open({ page }: { page: Schemas['Look'] }) {
  const look = useLook(page)
  const [chosen, setChosen] = useState<string | null>(null)
  const params = { path: { look: page.id } }
  const check = page.checks.find((one) => one.id === (chosen ?? page.nextCheck))
  const over = page.checks.some((one) => one.outcome === 'walk-away')

  return (
    <>
      <Heading title={look.standing.name} says={`${page.kind}, second-hand`} />
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-[minmax(0,min(34rem,55%))_minmax(0,1fr)]">
        <div>
          {check && !over ? (
            <CheckCard
              key={check.id}
              check={check}
              place={page.checks.indexOf(check) + 1}
              of={page.checks.length}
              typed={look.standing.found[check.id]?.readings ?? []}
              onReadings={(readings) => {
                setChosen(check.id)
                look.found(check.id, { readings, outcome: null })
              }}
              onOutcome={(outcome) => {
                setChosen(following(page.checks, look.standing.found, check.id))
                look.found(check.id, { outcome, readings: [] })
              }}
              onNext={() => setChosen(following(page.checks, look.standing.found, check.id))}
            />
          ) : (
            <section aria-label="Next stroke" className="border-t-4 border-ink pt-3">
              <p className="font-slab text-[1.65rem] leading-[1.15] font-semibold" data-testid="next-stroke">
                {told(page.next.says)}
              </p>
              <p className="mt-2 text-soft">{told(page.next.why)}</p>
            </section>
          )}
          {look.problem && <Notice>{look.problem}</Notice>}
          <PriceSheet page={page} standing={look.standing} onChange={look.change} />
          <div className="mt-4 flex flex-wrap gap-x-5 gap-y-2">
            <Button
              writes
              weight={check && !over ? 'quiet' : 'main'}
              onClick={() =>
                void look.settle('bought', (version) =>
                  answered(
                    client.POST('/api/looks/{look}/bought', {
                      params,
                      body: { version, price: look.standing.asked },
                    }),
                  ),
                )
              }
            >
              Bought it{look.standing.asked.trim() !== '' && ` for ${look.standing.asked}`}
            </Button>
            <Button
              writes
              onClick={() =>
                void look.settle('left', (version) =>
                  answered(client.POST('/api/looks/{look}/left', { params, body: { version } })),
                )
              }
            >
              Left it there
            </Button>
          </div>
        </div>
        <div>
          <CheckList checks={page.checks} shown={check?.id ?? null} onChoose={setChosen} />
          <Photos photos={page.photos} address={`/api/looks/${page.id}/photos`} page={lookPage(page.id)} />
          <section className="mt-4">
            <h2 className="mb-1 text-lg">If you buy it</h2>
            <PlainField
              label="Name"
              wide
              value={look.standing.name}
              onChange={(name) => look.change({ name })}
            />
            <ToolFigures
              dimensions={page.dimensions}
              values={look.standing.sizes}
              figures={page.figures}
              onChange={(dimension, typed) =>
                look.change({ sizes: { ...look.standing.sizes, [dimension]: typed } })
              }
            />
          </section>
          <p className="mt-4 border-l-4 border-red pl-3 text-sm">{page.caution}</p>
        </div>
      </div>
    </>
  )
}

function Settled({ page }: { page: Schemas['Look'] }) {
  return (
    <>
      <Heading
        title={page.name}
        says={page.state === 'bought' ? 'Bought; it hangs in the kit.' : 'Left at the stall.'}
      />
      <div className="max-w-xl">
        {page.toolId !== null && (
          <p className="mb-4">
            <MainLink to={`/kit/tools/${page.toolId}`}>See it in the kit</MainLink>
          </p>
        )}
        <CheckList checks={page.checks} shown={null} onChoose={null} />
        <p className="mt-4">
          <Link to="/kit/look" className="min-h-8 underline underline-offset-4">
            Another tool
          </Link>
        </p>
      </div>
    </>
  )
}
