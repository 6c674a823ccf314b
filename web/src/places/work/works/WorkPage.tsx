import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { jobAsk, pulse, workPage, workPreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Complaint, Keeping } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { useTyped } from '@/parts/useTyped'
import { useChange } from '@/parts/useChange'
import { WorkNav } from '@/places/work/WorkNav'
import { SetOutOfWork } from './SetOutOfWork'
import { TaskList } from './TaskList'
import { lengthsOf, requestOf, sentOf } from './workForm'
import { WorkForm } from './WorkForm'
import { WorkSheet } from './WorkSheet'
import { RemoveButton } from '@/parts/RemoveButton'
import { useRemoved } from '@/parts/useRemoved'

/** One work: its sizes, and what can be done of it with the tools that hang here. */
export function WorkPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(workPage(id))
  const { data: watched } = useQuery(pulse())
  if (error && !data) return <Lost problem={error} />
  if (!data || !watched) return <Waiting />
  return <OneWork key={id} page={data} unit={watched.unit} />
}

function OneWork({ page, unit }: { page: Schemas['WorkPage']; unit: string }) {
  const { work, pattern } = page
  const draft = useTyped(`work ${work.id}`, baseOf(page), unit, work.version, lengthsOf(pattern))
  const preview = useQuery(workPreview(sentOf(pattern, draft.values))).data
  const save = useSave(work.id, draft.clear)
  const refused = save.error instanceof Refused ? save.error : null
  const record =
    draft.touched && preview?.sound
      ? () => save.mutate({ ...requestOf(pattern, draft.values), version: draft.version })
      : null
  const tasks = draft.touched && preview ? preview.tasks : page.tasks

  return (
    <>
      <Heading title={upper(work.name)} says={page.says} />
      <WorkNav />
      <Board
        drawing={
          <WorkSheet
            name={work.name}
            says={page.says}
            pattern={pattern}
            values={draft.values}
            preview={preview}
          />
        }
        below={
          <>
            <SetOutOfWork work={work.id} />
            <section>
              <h2 className="mb-1 text-lg">What it asks for</h2>
              <TaskList tasks={tasks} />
              <p className="mt-1 text-sm text-soft">
                {page.minutes}; grades from memory, ways common practice.
              </p>
            </section>
          </>
        }
        column={
          <>
            {draft.overtaken && <Overtaken name={work.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <NextStroke says={draft.touched && preview ? preview.sentence : page.sentence} why={why(page)}>
              {draft.touched ? (
                <Keeping onKeep={record} onDrop={draft.clear} busy={save.isPending} />
              ) : (
                <>
                  <MakeIt work={work.id} />
                  <GiveUp work={work} />
                </>
              )}
            </NextStroke>
            <Complaint problem={save.error} besides={['name']} />
            <div className="mt-4">
              <WorkForm
                pattern={pattern}
                values={draft.values}
                preview={preview}
                onChange={draft.change}
                onRecord={record}
                nameError={refused?.about('name')}
              />
            </div>
          </>
        }
      />
    </>
  )
}

const upper = (name: string) => name.charAt(0).toUpperCase() + name.slice(1)

function why(page: Schemas['WorkPage']): string {
  const first = page.tasks.find((task) => task.state !== 'now') ?? page.tasks.find((task) => task.slow)
  return first
    ? `${upper(first.name)}: ${first.says.charAt(0).toLowerCase()}${first.says.slice(1)}`
    : 'Each operation has a way that is good enough.'
}

function baseOf(page: Schemas['WorkPage']): Record<string, string> {
  return {
    ...page.typed,
    name: page.work.name,
    hardness: page.hardness,
    due: page.work.due ?? '',
    weight: String(page.weight),
    steps: JSON.stringify(page.steps),
  }
}

function useSave(work: number, onSaved: () => void) {
  const queries = useQueryClient()
  return useChange(
    (body: Schemas['VersionedWorkFormRequest']) =>
      answered(client.PUT('/api/works/{work}', { params: { path: { work } }, body })),
    (page) => {
      queries.setQueryData(workPage(work).queryKey, page)
      onSaved()
    },
  )
}

/** On with what is being made of it, or the first cut. */
function MakeIt({ work }: { work: number }) {
  const under = useQuery(jobAsk(work)).data?.jobs.find((job) => !job.isMade)
  return under ? (
    <MainLink to={`/work/jobs/${under.id}`}>Go on making it</MainLink>
  ) : (
    <MainLink to={`/work/works/${work}/make`}>Make it, step by step</MainLink>
  )
}

/** Deleting can be undone, so it is not asked about. */
function GiveUp({ work }: { work: Schemas['Work'] }) {
  const removed = useRemoved('/work')
  const remove = useChange(
    () =>
      answered(
        client.DELETE('/api/works/{work}', {
          params: { path: { work: work.id } },
          body: { version: work.version },
        }),
      ),
    ({ entry }) => removed(entry),
  )
  return <RemoveButton says="Remove this work" remove={remove} />
}
