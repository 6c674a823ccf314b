import { useQuery } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { pulse, referencePage, testPreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Correcting } from '@/parts/Correcting'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { Readings } from '@/parts/Readings'
import { useChange } from '@/parts/useChange'
import { useCorrection } from '@/parts/useCorrection'
import { useLastGood } from '@/parts/useLastGood'
import { useToBench } from '@/parts/useToBench'
import { Answer } from '@/places/true/Answer'
import { Learnt } from '@/places/true/Learnt'
import { ReferenceHistory } from '@/places/true/ReferenceHistory'
import { TestStroke } from '@/places/true/TestStroke'
import { FlatLines } from './FlatLines'
import { ReferenceSheet } from './ReferenceSheet'
import { TestReadings } from './TestReadings'
import { type TestCorrection, useTestDraft } from './useTestDraft'
import { useRemoved } from '@/parts/useRemoved'

/** Any reference under its test. */
export function ReferencePage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(referencePage(id))
  const unit = useQuery(pulse()).data?.unit
  const wrong = useCorrection<Schemas['TestRequest']>(KINDS)
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit || wrong === undefined) return <Waiting />
  return <Page key={`${id} ${wrong?.entry}`} page={data} unit={unit} wrong={wrong} />
}

const KINDS = ['reference-tested']

interface PageProps {
  page: Schemas['ReferencePage']
  unit: string
  wrong: TestCorrection | null
}

function Page({ page, unit, wrong }: PageProps) {
  const draft = useTestDraft(page, unit, wrong)
  const preview = useQuery(testPreview(page.id, draft.sent)).data
  const [line, setLine] = useState<string | null>(null)
  // What was drawn last stays while a figure is half typed.
  const good = useLastGood(preview?.answer ? preview : null, draft.begun)
  const { record, bench, fell, remove } = useTestChanges(page, draft, wrong, () => setLine(null))
  const { mutate: drop } = fell
  const onFell = useCallback(() => drop(undefined), [drop])
  if (!preview) return <Waiting />
  const { answer, next } = preview
  const shown = line ?? preview.nextLine ?? preview.lists[0]?.id ?? null
  const canRecord = answer?.verdict != null
  const onBench = preview.work ? () => bench.mutate(undefined) : null
  const main = next.takeOff && onBench ? onBench : () => record.mutate(next.takeOff)
  const isFlat = preview.nextLine !== null || preview.flat !== null

  return (
    <>
      <Heading title={page.name} says={`${page.says}. ${page.history.due ?? 'It can be trusted.'}`} />
      <Board
        drawing={
          <ReferenceSheet
            {...{ page, preview, good }}
            choices={draft.sent.choices}
            line={shown}
            onLine={setLine}
          />
        }
        below={
          <ReferenceHistory reference={page.id} name={page.name} history={page.history} onFell={onFell} />
        }
        column={
          <>
            <Correcting correction={wrong} />
            <Readings onRecord={canRecord ? main : null}>
              {isFlat && (
                <FlatLines
                  lines={preview.lists}
                  shown={shown}
                  gaps={draft.lists}
                  onGaps={(id, typed) => {
                    // Half a figure must not send the hand to the next line.
                    setLine(id)
                    draft.changeList(id, typed)
                  }}
                  onLine={setLine}
                />
              )}
              <TestReadings page={page} preview={preview} draft={draft} />
            </Readings>
            {preview.objection && <Notice>{preview.objection}</Notice>}
            <Answer
              error={answer?.error ?? null}
              says={answer?.standing ?? 'out of true, as soon as it is read.'}
              verdict={answer?.verdict}
            />
            <Learnt
              learnt={preview.learnt}
              shaving={draft.sent.figures['shaving'] ?? ''}
              onTake={(shaving) => draft.change('shaving', shaving)}
            />
            {draft.overtaken && <Overtaken name={page.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <TestStroke
              next={next}
              how={preview.how}
              onRecord={canRecord ? record.mutate : null}
              work={preview.work}
              onBench={onBench}
              busy={record.isPending || bench.isPending}
            />
            {preview.lines.map((says) => (
              <p key={says} className="mt-3 text-sm text-soft">
                {says}
              </p>
            ))}
            <Complaint problem={record.error ?? bench.error ?? fell.error ?? remove.error} besides={[]} />
            {page.isOwn && (
              <p className="mt-4 text-sm">
                <Button writes onClick={() => remove.mutate(undefined)}>
                  Take it off the list
                </Button>
              </p>
            )}
          </>
        }
      />
    </>
  )
}

/** What can be done about a reference: its test written down, or taken to the bench; a fall; off the list. */
function useTestChanges(
  page: Schemas['ReferencePage'],
  draft: ReturnType<typeof useTestDraft>,
  wrong: TestCorrection | null,
  onRecorded: () => void,
) {
  const headers = wrong?.headers ?? {}
  const params = { path: { reference: page.id } }
  const seen = { version: page.version }
  const done = () => {
    draft.clear()
    onRecorded()
    wrong?.end()
  }
  const removed = useRemoved('/true')
  return {
    record: useChange((planed: boolean) => {
      const body = { ...draft.sent, version: draft.version, planed }
      return answered(client.POST('/api/references/{reference}/tests', { params, body, headers }))
    }, done),
    bench: useToBench(() => {
      const body = { ...draft.sent, version: draft.version }
      return answered(client.POST('/api/references/{reference}/sessions', { params, body, headers }))
    }, done),
    fell: useChange(() => answered(client.POST('/api/references/{reference}/drops', { params, body: seen }))),
    remove: useChange(
      () => answered(client.DELETE('/api/references/{reference}', { params, body: seen })),
      removed,
    ),
  }
}
