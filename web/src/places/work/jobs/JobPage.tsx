import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { jobPage } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { capital } from '@/parts/capital'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Photos } from '@/parts/photos/Photos'
import { Rests } from '@/parts/Rests'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { useRemoved } from '@/parts/useRemoved'
import { useToBench } from '@/parts/useToBench'
import { WorkNav } from '@/places/work/WorkNav'
import { Found } from './Found'
import { JobRows } from './JobRows'
import { JobSheet } from './JobSheet'

/** A work as it is made: what is next, what is done, what rests, planned beside real. */
export function JobPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(jobPage(id))
  if (error && !data) return <Lost problem={error} />
  return data ? <Page key={id} job={data} /> : <Waiting />
}

function Page({ job }: { job: Schemas['Job'] }) {
  const { mutate, error } = useChange((step: number) =>
    answered(
      client.POST('/api/jobs/{job}/steps', {
        params: { path: { job: job.id } },
        body: { step, version: job.version },
      }),
    ),
  )
  const isOpen = !job.isMade && job.running === null
  return (
    <>
      <Heading title={capital(job.name)} says={job.says} />
      <WorkNav />
      <Board
        columnFirst
        drawing={
          <JobSheet
            title={`${capital(job.name)}, step by step`}
            says={job.lines.join(' ')}
            rows={job.rows}
            kinds={job.kinds}
            block={[
              ['Done', `${Math.floor(job.donePct)} %`],
              ['Each step', 'as long as it takes'],
              ['Hatched', 'an edge is honed'],
            ]}
          />
        }
        below={
          <>
            <Complaint problem={error} besides={[]} />
            <JobRows rows={job.rows} kinds={job.kinds} {...(isOpen && { onTick: mutate })} />
          </>
        }
        column={
          <>
            <NextStroke says={job.next.says} why={job.next.why}>
              <Onward job={job} />
              {job.rows.some((row) => row.state !== 'done' && job.kinds[row.kind]?.lacks) && (
                <Link to="/kit/ladder" className="underline underline-offset-4">
                  What to get for it
                </Link>
              )}
            </NextStroke>
            <Rests rests={job.rests} />
            <div className="mt-4" />
            <Lines lines={job.lines} />
            {job.phases.some((phase) => phase.took) && <Phases phases={job.phases} />}
            <Found job={job} />
            <Photos photos={job.photos} address={`/api/jobs/${job.id}/photos`} page={jobPage(job.id)} told />
            <p className="mt-4 border-l-4 border-red pl-3 text-sm">{job.caution}</p>
            <p className="mt-3">
              <Link to={`/work/works/${job.work}`} className="underline underline-offset-4">
                The work, its drawing and its settings
              </Link>
            </p>
          </>
        }
      />
    </>
  )
}

/** To the bench, another one, or off the list. */
function Onward({ job }: { job: Schemas['Job'] }) {
  const params = { path: { job: job.id } }
  const bench = useToBench(() =>
    answered(
      client.POST('/api/jobs/{job}/sessions', {
        params,
        body: { version: job.version, early: job.isHeld },
      }),
    ),
  )
  const leave = useChange(
    () => answered(client.DELETE('/api/jobs/{job}', { params, body: { version: job.version } })),
    useRemoved(`/work/works/${job.work}`),
  )
  return (
    <>
      {job.isMade ? (
        <MainLink to={`/work/works/${job.work}/make`}>Make another</MainLink>
      ) : job.running !== null ? (
        <MainLink to={`/sessions/${job.running}`}>Go on at the bench</MainLink>
      ) : (
        <Button
          writes
          weight={job.isHeld ? 'quiet' : 'main'}
          disabled={bench.isPending}
          onClick={() => bench.mutate(undefined)}
        >
          {job.isHeld ? 'Go on all the same' : 'To the bench'}
        </Button>
      )}
      <Button writes disabled={leave.isPending} onClick={() => leave.mutate(undefined)}>
        {job.isMade ? 'Take it off the list' : 'Stop making it'}
      </Button>
      <Complaint problem={bench.error ?? leave.error} besides={[]} />
    </>
  )
}

function Phases({ phases }: { phases: readonly Schemas['JobPhase'][] }) {
  return (
    <table className="mt-4 w-full text-left">
      <caption className="text-left text-lg">Planned and real</caption>
      <thead className="text-sm text-soft">
        <tr>
          <th className="font-normal">Phase</th>
          <th className="text-right font-normal">planned</th>
          <th className="text-right font-normal">it took</th>
        </tr>
      </thead>
      <tbody>
        {phases.map((phase) => (
          <tr key={phase.phase} className="border-t border-rule">
            <th scope="row" className="py-1 font-normal">
              {capital(phase.phase)}
            </th>
            <td className="text-right">{phase.planned}</td>
            <td className="text-right font-bold">{phase.took || 'not timed'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
