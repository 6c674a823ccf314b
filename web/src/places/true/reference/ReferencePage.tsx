import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answered, client, type Schemas } from '../../../api/client'
import { pulse, referencePage, referencePreview } from '../../../api/queries'
import { Board } from '../../../parts/Board'
import { Button } from '../../../parts/Button'
import { Heading } from '../../../parts/Heading'
import { Complaint } from '../../../parts/Keeping'
import { Lost, Waiting } from '../../../parts/Notice'
import { Overtaken } from '../../../parts/Overtaken'
import { Readings } from '../../../parts/Readings'
import { useChange } from '../../../parts/useChange'
import { useLastGood } from '../../../parts/useLastGood'
import { Answer } from '../Answer'
import { ReferenceHistory } from '../ReferenceHistory'
import { TestStroke } from '../TestStroke'
import { Figures } from './Figures'
import { FlatLines } from './FlatLines'
import { ReferenceSheet } from './ReferenceSheet'
import { useReferenceDraft } from './useReferenceDraft'

/** Winding sticks, a template, a sole, a stone or a board under its test. */
export function ReferencePage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(referencePage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['ReferencePage']; unit: string }) {
  const navigate = useNavigate()
  const draft = useReferenceDraft(page, unit)
  const preview = useQuery(referencePreview(page.id, draft.sheet)).data
  const [line, setLine] = useState<string | null>(null)
  const good = useLastGood(preview?.answer ? preview : null, draft.begun)
  const params = { path: { reference: page.id } }
  const record = useChange(
    (planed: boolean) => {
      const body = { ...draft.sheet, version: draft.version, planed }
      return answered(client.POST('/api/references/{reference}/tests', { params, body }))
    },
    () => {
      draft.clear()
      setLine(null)
    },
  )
  const fell = useChange(() =>
    answered(client.POST('/api/references/{reference}/drops', { params, body: { version: page.version } })),
  )
  const remove = useChange(
    () => answered(client.DELETE('/api/references/{reference}', { params, body: { version: page.version } })),
    () => void navigate('/true'),
  )
  if (!preview) return <Waiting />
  const { answer, next } = preview
  const shown = line ?? preview.nextLine ?? preview.lines[0]?.id ?? null
  const canRecord = answer?.verdict != null

  return (
    <>
      <Heading title={page.name} says={`${page.method} ${page.history.due ?? 'It can be trusted.'}`} />
      <Board
        drawing={<ReferenceSheet page={page} preview={preview} good={good} line={shown} onLine={setLine} />}
        below={
          <ReferenceHistory name={page.name} history={page.history} onFell={() => fell.mutate(undefined)} />
        }
        column={
          <>
            <Readings onRecord={canRecord ? () => record.mutate(next.takeOff) : null}>
              {page.isFlat && (
                <FlatLines
                  lines={preview.lines}
                  shown={shown}
                  gaps={draft.gaps}
                  onGaps={(id, typed) => {
                    // Half a figure must not send the hand to the next line.
                    setLine(id)
                    draft.changeGaps(id, typed)
                  }}
                  onLine={setLine}
                />
              )}
              <Figures page={page} preview={preview} draft={draft} />
            </Readings>
            <Answer
              error={answer?.error ?? null}
              says={answer?.standing ?? 'out of true, as soon as it is read.'}
              verdict={answer?.verdict}
            />
            {draft.overtaken && <Overtaken name={page.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <TestStroke
              next={next}
              how={preview.how}
              onRecord={canRecord ? record.mutate : null}
              busy={record.isPending}
            />
            <Complaint problem={record.error ?? fell.error ?? remove.error} besides={[]} />
            {page.isOwn && (
              <p className="mt-4 text-sm">
                <Button onClick={() => remove.mutate(undefined)}>Take it off the list</Button>
              </p>
            )}
          </>
        }
      />
    </>
  )
}
