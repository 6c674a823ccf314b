import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '@/api/client'
import { bench } from '@/api/queries'
import { SmallLines } from './SmallLines'
import { WorkDrawing, workFits } from '@/drawings/WorkDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { DiaryLines } from '@/parts/DiaryLines'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { pageOf } from '@/shell/pages'
import { told } from '@/parts/told'

const doIt: Readonly<Record<Schemas['Chore']['kind'], string>> = {
  'choose-work': 'Choose a work',
  'get-tool': 'See the ladder',
  'budget-ends': 'See the ladder',
  'fetch-tool': 'See what is not here',
  'sharpen-edge': 'Plan the honing',
  'look-at-edge': 'Look at it',
  'look-at-tool': 'Look at it',
  'file-saw': 'Plan the filing',
  'finish-session': 'Go on at the bench',
  'go-on-with-job': 'Go on with it',
  'test-reference': 'Test it',
}

/** What wants doing before work. */
export function BenchPlace() {
  const { data, error } = useQuery(bench())
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const first = data.chores[0]

  return (
    <>
      <Heading title="Bench" says={data.work ? `Next work: ${data.work.name}` : undefined} />
      <Board
        columnFirst
        drawing={data.work ? <NextWork work={data.work} /> : <EmptyBench />}
        below={
          <section>
            <h2 className="mb-1 text-lg">Latest in the diary</h2>
            <DiaryLines
              entries={data.latest}
              empty="Nothing is recorded yet. What you do here writes itself down."
            />
          </section>
        }
        column={
          <>
            {data.work && <p className="text-soft">{told(data.work.says)}</p>}
            <NextStroke says={data.sentence} why={data.why}>
              {first && <MainButton chore={first} />}
            </NextStroke>
            <Chores chores={data.chores} />
            <SmallLines upkeep={data.upkeep} />
            <p className="mt-5 flex flex-wrap gap-x-5 border-t border-rule pt-2 text-sm">
              <span className="text-soft">The week on one page, for the wall:</span>
              <a href="/api/bench/card.pdf" className="min-h-8 underline underline-offset-4">
                PDF
              </a>
              <a href="/api/bench/card.svg" className="min-h-8 underline underline-offset-4">
                SVG
              </a>
              <a href="/api/calendar.ics" className="min-h-8 underline underline-offset-4">
                All its days, for a calendar
              </a>
            </p>
          </>
        }
      />
    </>
  )
}

function NextWork({ work }: { work: Schemas['WorkPiece'] }) {
  const { length, height, thickness } = work.labels
  const sizes = [length && `${length} long`, height && `${height} high`, thickness && `${thickness} thick`]
  return (
    <Sheet
      title={`Drawing of the ${work.name}`}
      says={`${work.says} ${sizes.filter(Boolean).join(', ')}.`}
      block={[['Work', work.name], ...(thickness ? [['Board', thickness] as const] : [])]}
      fits={(box) => workFits(work.form, work.measuresMm, box)}
      height={(width) => Math.max(210, Math.min(400, width * 0.6))}
    >
      {(box) => <WorkDrawing form={work.form} sizeMm={work.measuresMm} labels={work.labels} {...box} />}
    </Sheet>
  )
}

function EmptyBench() {
  return (
    <p className="border border-rule bg-sheet p-6 text-soft">
      The next work is drawn here. Choose one under Work.
    </p>
  )
}

function MainButton({ chore }: { chore: Schemas['Chore'] }) {
  const navigate = useNavigate()
  return (
    <Button weight="main" onClick={() => void navigate(pageOf(chore.about))}>
      {doIt[chore.kind]}
    </Button>
  )
}

function Chores({ chores }: { chores: readonly Schemas['Chore'][] }) {
  if (chores.length === 0)
    return <p className="mt-4 border-t border-rule pt-2">✓ Nothing stands between you and the wood.</p>

  return (
    <ol className="mt-5">
      {chores.map((chore, index) => (
        <li key={`${chore.kind} ${chore.says}`} className="border-t border-rule">
          <Link to={pageOf(chore.about)} className="flex items-baseline gap-3 py-2.5 hover:bg-wood">
            <span className="w-5 shrink-0 font-slab text-lg font-semibold">{index + 1}</span>
            <span className="grow">
              <span className="block font-bold underline decoration-rule underline-offset-4">
                {told(chore.says)}
              </span>
              <span className="block text-sm text-soft">{told(chore.why)}</span>
            </span>
            <span className="shrink-0 text-right font-slab text-lg font-semibold">
              {chore.minutes !== null && `${chore.minutes} min`}
              {chore.minutes === null && chore.kind === 'get-tool' && (
                <span className="font-sans text-sm font-normal text-soft">to get</span>
              )}
            </span>
          </Link>
        </li>
      ))}
    </ol>
  )
}
