import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { jobAsk, jobPreview, pulse } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { FigureField } from '@/parts/FigureField'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Readings } from '@/parts/Readings'
import { useChange } from '@/parts/useChange'
import { useLastGood } from '@/parts/useLastGood'
import { useLater } from '@/parts/useLater'
import { useTyped } from '@/parts/useTyped'
import { WorkNav } from '@/places/work/WorkNav'
import { JobRows } from './JobRows'
import { JobSheet } from './JobSheet'
import { told } from '@/parts/told'

const WOOD = [
  { value: 'rough', label: 'rough boards' },
  { value: 'planed', label: 'planed boards' },
] as const

const HONING = [
  { value: 'yes', label: 'planned in' },
  { value: 'no', label: 'left to me' },
] as const

/** Before the first cut: how many, how many together, and the plan that comes of it. */
export function NewJobPage() {
  const id = Number(useParams().id)
  const unit = useQuery(pulse()).data?.unit
  const { data, error } = useQuery(jobAsk(id))
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <Page key={id} asked={data} unit={unit} /> : <Waiting />
}

function Page({ asked, unit }: { asked: Schemas['JobAsk']; unit: string }) {
  const draft = useTyped(`job of ${asked.work}`, {}, unit, 1, [])
  const sent = sentOf(asked, draft.values)
  const { data: preview } = useQuery(jobPreview(asked.work, sent))
  const drawn = useLastGood(preview && preview.rows.length > 0 ? preview : null, true)
  const later = useLater(drawn)
  const begin = useBegin(asked.work, sent, draft.clear)
  const isSound = preview !== undefined && preview.rows.length > 0
  return (
    <>
      <Heading
        title={`Make the ${asked.name}`}
        says="Step by step with the tools that hang here, from the first cut to the glued piece."
      />
      <WorkNav />
      <Board
        columnFirst
        drawing={
          drawn && (
            <JobSheet
              title={`The ${asked.name}, step by step`}
              says={drawn.lines.join(' ')}
              rows={drawn.rows}
              kinds={drawn.kinds}
              block={[
                ['Each step', 'as long as it takes'],
                ['Hatched', 'an edge is honed'],
              ]}
            />
          )
        }
        below={
          later && (
            <>
              <Lines lines={later.lines} />
              <JobRows rows={later.rows} kinds={later.kinds} />
            </>
          )
        }
        column={
          <>
            <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
              <Button
                writes
                weight="main"
                disabled={!isSound || begin.isPending}
                onClick={() => begin.mutate(undefined)}
              >
                Begin it
              </Button>
              {draft.touched && <Button onClick={draft.clear}>The usual</Button>}
              {drawn?.kinds.some((kind) => kind.lacks) ? (
                <Link to="/kit/ladder" className="underline underline-offset-4">
                  What to get for it
                </Link>
              ) : (
                <Link to="/edges/day" className="underline underline-offset-4">
                  A sharpening day before it
                </Link>
              )}
            </NextStroke>
            <Complaint problem={begin.error} besides={[]} />
            <div className="mt-4" />
            <Readings title="What is made" onRecord={null}>
              {asked.fields.map((field) => (
                <FigureField
                  key={field.name}
                  field={field}
                  value={draft.values[field.name] ?? ''}
                  reading={preview?.figures[field.name]}
                  onType={draft.change}
                />
              ))}
              <Choice
                label="From"
                value={sent.wood}
                options={WOOD}
                onChange={(value) => draft.change('wood', value)}
              />
              <Choice
                label="Honing"
                hint="by each edge’s own record"
                value={sent.hones ? 'yes' : 'no'}
                options={HONING}
                onChange={(value) => draft.change('hones', value)}
              />
            </Readings>
            {asked.jobs.length > 0 && <Others jobs={asked.jobs} />}
            <p className="mt-3">
              <Link to={`/work/works/${asked.work}`} className="underline underline-offset-4">
                Back to the {asked.name}
              </Link>
            </p>
          </>
        }
      />
    </>
  )
}

function Others({ jobs }: { jobs: readonly Schemas['JobLine'][] }) {
  return (
    <section className="mt-4">
      <h2 className="text-lg">Begun before</h2>
      <ul>
        {jobs.map((job) => (
          <li key={job.id} className="border-t border-rule py-1.5">
            <Link to={`/work/jobs/${job.id}`} className="font-bold underline underline-offset-4">
              {job.name}
            </Link>
            <span className="block text-sm text-soft">{told(job.says)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function sentOf(asked: Schemas['JobAsk'], values: Readonly<Record<string, string>>): Schemas['JobRequest'] {
  const typed = asked.fields.flatMap(({ name }) => (values[name] === undefined ? [] : [[name, values[name]]]))
  return {
    figures: Object.fromEntries(typed) as Record<string, string>,
    wood: values.wood === 'planed' ? 'planed' : 'rough',
    hones: values.hones !== 'no',
  }
}

function useBegin(work: number, body: Schemas['JobRequest'], letGo: () => void) {
  const navigate = useNavigate()
  return useChange(
    () => answered(client.POST('/api/works/{work}/jobs', { params: { path: { work } }, body })),
    (job) => {
      letGo()
      void navigate(`/work/jobs/${job.id}`)
    },
  )
}
