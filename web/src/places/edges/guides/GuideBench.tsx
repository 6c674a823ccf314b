import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { guidePreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Complaint, Keeping } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Overtaken } from '@/parts/Overtaken'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'
import { GuideFields } from './GuideFields'
import { baseOf, LENGTHS, sentOf } from './guideForm'
import { GuideSheetDrawing } from './GuideSheetDrawing'
import { PrintedBoard } from './PrintedBoard'
import { useRemoved } from '@/parts/useRemoved'

interface GuideBenchProps {
  /** Null: a new one. */
  guide: Schemas['Guide'] | null
  unit: string
  onKept: (id: number | null) => void
}

/** One guide: its settings and what they say of its axle, its stops, its printed board. */
export function GuideBench({ guide, unit, onKept }: GuideBenchProps) {
  const draft = useTyped(
    `guide ${guide?.id ?? 'new'}`,
    { ...baseOf(guide) },
    unit,
    guide?.version ?? 1,
    LENGTHS,
  )
  const sent = sentOf(draft.values)
  const preview = useQuery(guidePreview(sent)).data
  const [at, setAt] = useState(0)
  const keep = useChange(
    () => save(guide, draft.version, sent),
    ({ guides }) => {
      draft.clear()
      onKept(guide?.id ?? Math.max(...guides.map((row) => row.id)))
    },
  )
  const removed = useRemoved('/edges/guides')
  const remove = useChange(
    (kept: Schemas['Guide']) =>
      answered(
        client.DELETE('/api/guides/{guide}', {
          params: { path: { guide: kept.id } },
          body: { version: kept.version },
        }),
      ),
    removed,
  )
  const record = draft.touched && preview?.sound ? () => keep.mutate(undefined) : null

  return (
    <Board
      drawing={<GuideSheetDrawing preview={preview} at={at} onAt={setAt} />}
      below={<PrintedBoard guide={guide} touched={draft.touched} />}
      column={
        <>
          {draft.overtaken && guide && (
            <Overtaken name={guide.name} onKeep={draft.keep} onDrop={draft.clear} />
          )}
          <GuideFields
            sent={sent}
            values={draft.values}
            figures={preview?.figures}
            onChange={draft.change}
            onRecord={record}
          />
          <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
            {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
            {guide && !draft.touched && (
              <Button writes disabled={remove.isPending} onClick={() => remove.mutate(guide)}>
                Take this guide off the list
              </Button>
            )}
          </NextStroke>
          <Complaint problem={keep.error ?? remove.error} besides={[]} />
          {preview?.axleSays && <p className="mt-3 text-soft">{preview.axleSays}</p>}
        </>
      }
    />
  )
}

function save(guide: Schemas['Guide'] | null, version: number, body: Schemas['GuideFormRequest']) {
  return guide
    ? answered(
        client.PUT('/api/guides/{guide}', {
          params: { path: { guide: guide.id } },
          body: { ...body, version },
        }),
      )
    : answered(client.POST('/api/guides', { body }))
}
