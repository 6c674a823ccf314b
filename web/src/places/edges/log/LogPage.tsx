import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { edgeLog, rack } from '@/api/queries'
import { AngleCourse } from '@/drawings/AngleCourse'
import { FORECAST_HEIGHT, ForecastDrawing } from '@/drawings/ForecastDrawing'
import { Board } from '@/parts/Board'
import { asDate } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { NextStroke } from '@/parts/NextStroke'
import { Mend } from '@/parts/Mend'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { Button } from '@/parts/Button'
import { entryToCorrect } from '@/parts/useCorrection'
import { EdgeNav } from '@/places/edges/EdgesNav'
import { NewEntry } from './NewEntry'
import { Trials } from './Trials'
import { told } from '@/parts/told'

/** What happened to an edge, and what that tells of what is to come. */
export function LogPage() {
  const id = Number(useParams().id)
  const [count, setCount] = useState<number | null>(null)
  const entry = entryToCorrect(useSearchParams()[0])
  const { data, error } = useQuery({
    ...edgeLog(id, { ...(count ? { count } : {}), ...(entry ? { entry } : {}) }),
    placeholderData: (before) => before,
  })
  const stones = useQuery(rack()).data?.stones
  if (error && !data) return <Lost problem={error} />
  return data && stones ? (
    <Page key={id} log={data} stones={stones} onAll={() => setCount(data.count)} />
  ) : (
    <Waiting />
  )
}

interface PageProps {
  log: Schemas['EdgeLog']
  stones: readonly Schemas['Stone'][]
  onAll: () => void
}

function Page({ log, stones, onAll }: PageProps) {
  const { edge } = log
  const [search, setSearch] = useSearchParams()
  const wrong = log.entries.find(({ written }) => written?.entry === entryToCorrect(search))
  return (
    <>
      <Heading title={edge.name} says={`${edge.tool}. ${edge.says}.`} />
      <EdgeNav edge={edge} />
      <Board
        columnFirst
        drawing={
          <>
            <ForecastSheet log={log} />
            {log.angles.length > 0 && <AngleSheet log={log} />}
          </>
        }
        below={<Entries log={log} onAll={onAll} />}
        column={
          <>
            <NextStroke says={log.forecast} why={log.used[0] ?? 'Each honing makes this surer.'}>
              <How how={log.how} />
            </NextStroke>
            {log.used.slice(1).map((sentence) => (
              <p key={sentence} className="mt-1 text-soft">
                {sentence}
              </p>
            ))}
            {log.angleSays && <p className="mt-2">{log.angleSays}</p>}
            <NewEntry
              key={wrong?.written?.entry ?? 'new'}
              log={log}
              stones={stones}
              wrong={wrong ?? null}
              onCorrected={() => setSearch({}, { replace: true })}
            />
            <Trials log={log} stones={stones} />
          </>
        }
      />
    </>
  )
}

function ForecastSheet({ log }: { log: Schemas['EdgeLog'] }) {
  return (
    <Sheet
      title={`When the ${log.edge.name} will want honing`}
      says={log.forecast}
      block={[
        ['Dots', log.spans.length === 0 ? 'none yet' : 'how long it held, each time'],
        ['Amber', 'where it will want honing, 8 in 10'],
      ]}
      height={() => FORECAST_HEIGHT}
    >
      {({ width }) => <ForecastDrawing log={log} width={width} />}
    </Sheet>
  )
}

function AngleSheet({ log }: { log: Schemas['EdgeLog'] }) {
  return (
    <div className="mt-3">
      <Sheet
        title="Measured angle against the intended one"
        says={log.angleSays ?? log.angles.map((one) => `${asDate(one.at)}: ${one.deg}°`).join('; ')}
        block={[
          ['Measured', `${log.angles.length} times`],
          ['Band', `within ${log.toleranceDeg}° of the aim`],
        ]}
        height={() => 170}
      >
        {(box) => (
          <AngleCourse angles={log.angles} aimDeg={log.aimDeg} toleranceDeg={log.toleranceDeg} {...box} />
        )}
      </Sheet>
    </div>
  )
}

function Entries({ log, onAll }: { log: Schemas['EdgeLog']; onAll: () => void }) {
  return (
    <section>
      <h2 className="mb-1 text-lg">What happened to it</h2>
      {log.count === 0 && (
        <p className="text-soft">Uses, tests, stroppings and honings stand here, the latest first.</p>
      )}
      <ul>
        {log.entries.map((entry, index) => (
          <li
            key={`${entry.at} ${index}`}
            className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5"
          >
            <time dateTime={entry.at} className="w-24 shrink-0 text-sm text-soft">
              {asDate(entry.at)}
            </time>
            <span className="grow basis-52">{told(entry.says)}</span>
            <Mend written={entry.written} says={entry.says} about={{ kind: 'edge', id: log.edge.id }} />
          </li>
        ))}
      </ul>
      {log.count > log.entries.length && (
        <p className="pt-2 text-sm text-soft">
          The latest {log.entries.length} of {log.count}. <Button onClick={onAll}>Show all of them</Button>{' '}
          <a href="/api/files/diary.csv" className="underline underline-offset-4">
            Download all of them as CSV
          </a>
        </p>
      )}
    </section>
  )
}
