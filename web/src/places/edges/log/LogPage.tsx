import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { edgeLog, rack } from '@/api/queries'
import { AngleCourse } from '@/drawings/AngleCourse'
import { FORECAST_HEIGHT, ForecastDrawing } from '@/drawings/ForecastDrawing'
import { Board } from '@/parts/Board'
import { asDate } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'
import { EdgeNav } from '@/places/edges/EdgesNav'
import { NewEntry } from './NewEntry'
import { Trials } from './Trials'

/** What happened to an edge, and what that tells of what is to come. */
export function LogPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(edgeLog(id))
  const stones = useQuery(rack()).data?.stones
  if (error && !data) return <Lost problem={error} />
  return data && stones ? <Page key={id} log={data} stones={stones} /> : <Waiting />
}

function Page({ log, stones }: { log: Schemas['EdgeLog']; stones: readonly Schemas['Stone'][] }) {
  const { edge } = log
  const [search, setSearch] = useSearchParams()
  const wrong = log.entries.find((entry) => String(entry.entry) === search.get('correct'))
  const correct = (entry: number | null) =>
    setSearch(entry === null ? {} : { correct: String(entry) }, { replace: true })
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
        below={<Entries log={log} onCorrect={correct} />}
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
              key={wrong?.entry ?? 'new'}
              log={log}
              stones={stones}
              wrong={wrong ?? null}
              onCorrected={() => correct(null)}
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

interface MendProps {
  entry: number
  says: string
  onCorrect: (entry: number) => void
  undo: ReturnType<typeof useChange<number, unknown>>
}

/** An entry of any day can be corrected or undone where it stands. */
function Mend({ entry, says, onCorrect, undo }: MendProps) {
  return (
    <span className="flex shrink-0 gap-3 text-sm">
      <Button aria-label={`Correct: ${says}`} onClick={() => onCorrect(entry)}>
        correct
      </Button>
      <Button aria-label={`Undo: ${says}`} disabled={undo.isPending} onClick={() => undo.mutate(entry)}>
        undo
      </Button>
    </span>
  )
}

function Entries({ log, onCorrect }: { log: Schemas['EdgeLog']; onCorrect: (entry: number) => void }) {
  const undo = useChange((entry: number) =>
    answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
  )
  return (
    <section>
      <h2 className="mb-1 text-lg">What happened to it</h2>
      {undo.error && (
        <p role="alert" className="font-bold text-red">
          {undo.error.message}
        </p>
      )}
      {log.count === 0 && (
        <p className="text-soft">Uses, tests, stroppings and honings stand here, the latest first.</p>
      )}
      <ul>
        {log.entries.map((entry, index) => (
          <li key={`${entry.at} ${index}`} className="flex items-baseline gap-3 border-b border-rule py-1.5">
            <time dateTime={entry.at} className="w-24 shrink-0 text-sm text-soft">
              {asDate(entry.at)}
            </time>
            <span className="grow">{entry.says}</span>
            {entry.entry !== null && (
              <Mend entry={entry.entry} says={entry.says} onCorrect={onCorrect} undo={undo} />
            )}
          </li>
        ))}
      </ul>
      {log.count > log.entries.length && (
        <p className="pt-2 text-sm text-soft">
          The latest {log.entries.length} of {log.count}.{' '}
          <a href="/api/files/diary.csv" className="underline underline-offset-4">
            Download all of them as CSV
          </a>
        </p>
      )}
    </section>
  )
}
