import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { works } from '@/api/queries'
import { WorkDrawing } from '@/drawings/WorkDrawing'
import { asDay } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { WorkNav } from '@/places/work/WorkNav'
import { WorkSign } from '@/parts/WorkSign'
import { Writes } from '@/parts/Writes'

/** The works on this bench, and the kinds of work to begin one from. */
export function WorksPage() {
  const { data, error } = useQuery(works())
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading title="Works" says="What you want to make decides which tools, edges and squares matter." />
      <WorkNav />
      <div className="grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_26rem]">
        <section className="lg:order-2">
          <NextStroke {...stroke(data.works)} />
          <WorkList works={data.works} shapes={data.shapes} />
        </section>
        <Writes>
          <section>
            <h2 className="mb-1 text-lg">Begin one</h2>
            <ul className="grid grid-cols-2 gap-x-4 gap-y-3 md:grid-cols-3 xl:grid-cols-4">
              {data.patterns.map((pattern) => (
                <li key={pattern.id}>
                  <PatternCard pattern={pattern} />
                </li>
              ))}
              <li>
                <Link
                  to="/work/works/new"
                  className="flex h-full flex-col justify-end border border-ink bg-sheet p-2 hover:bg-wood"
                >
                  <span className="font-slab text-lg font-semibold">Your own</span>
                  <span className="text-sm text-soft">Put it together from operations.</span>
                </Link>
              </li>
            </ul>
          </section>
        </Writes>
      </div>
    </>
  )
}

function stroke(list: readonly Schemas['Work'][]): { says: string; why: string } {
  const chosen = list.filter((work) => work.chosen)
  const now = chosen.filter((work) => work.well !== null).length
  if (list.length === 0)
    return { says: 'Choose what it is like.', why: 'Its sizes come next; all of them have a usual value.' }
  if (chosen.length === 0) return { says: 'Choose one.', why: 'None counts in the plan at the moment.' }
  return {
    says: now === chosen.length ? 'All of them can be made.' : `${now} of ${chosen.length} can be made now.`,
    why: 'Those with a tick at the left count in the plan; the others wait.',
  }
}

interface WorkListProps {
  works: readonly Schemas['Work'][]
  shapes: readonly Schemas['WorkShape'][]
}

function WorkList({ works: list, shapes }: WorkListProps) {
  const choose = useChange((work: Schemas['Work']) =>
    answered(
      client.PUT('/api/works/{work}/chosen', {
        params: { path: { work: work.id } },
        body: { version: work.version, chosen: !work.chosen },
      }),
    ),
  )

  return (
    <>
      {choose.error && (
        <p role="alert" className="mt-2 font-bold text-red">
          {choose.error.message}
        </p>
      )}
      <ul className="mt-4">
        {list.map((work) => (
          <li key={work.id} className="flex items-center gap-3 border-t border-rule">
            <input
              type="checkbox"
              checked={work.chosen}
              disabled={choose.isPending}
              onChange={() => choose.mutate(work)}
              aria-label={`${work.name} counts in the plan`}
              className="h-5 w-5 shrink-0 accent-ink"
            />
            <Link to={`/work/works/${work.id}`} className="flex grow items-center gap-3 py-2 hover:bg-wood">
              <SmallWork
                form={work.form}
                sizeMm={shapes.find((shape) => shape.work === work.id)?.measuresMm ?? {}}
              />
              <WorkSign state={work.state} />
              <span className="grow">
                <span className="font-bold underline decoration-rule underline-offset-4">{work.name}</span>
                <span className="block text-sm text-soft">
                  {stands(work)}
                  {work.due && `; wanted by ${asDay(work.due)}`}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}

function stands(work: Schemas['Work']): string {
  const operations = `${work.missing} ${work.missing === 1 ? 'operation' : 'operations'}`
  if (work.missing === 0) return 'every operation can be done'
  return work.well === null
    ? `${operations} without a way that is good enough`
    : `${work.well}: ${operations} not done as well as it asks`
}

/** A work beside its name, from its own sizes. */
function SmallWork({ form, sizeMm }: { form: string; sizeMm: Readonly<Record<string, number>> }) {
  return (
    <svg aria-hidden viewBox="0 0 120 76" className="h-12 w-19 shrink-0 border border-rule bg-sheet">
      <WorkDrawing form={form} sizeMm={sizeMm} labels={NO_LABELS} width={120} height={76} bare />
    </svg>
  )
}

function PatternCard({ pattern }: { pattern: Schemas['Pattern'] }) {
  const sizeMm = Object.fromEntries(pattern.measures.map((row) => [row.name, row.usualMm]))
  return (
    <Link
      to={`/work/works/new?pattern=${pattern.id}`}
      title={pattern.says}
      className="flex h-full flex-col justify-end border border-rule bg-sheet p-2 hover:bg-wood"
    >
      <svg aria-hidden viewBox="0 0 240 150" className="w-full">
        <WorkDrawing form={pattern.form} sizeMm={sizeMm} labels={NO_LABELS} width={240} height={150} bare />
      </svg>
      <span className="font-slab text-base leading-tight font-semibold">{pattern.name}</span>
    </Link>
  )
}

const NO_LABELS = {}
