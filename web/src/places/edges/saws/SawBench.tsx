import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { sawPreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { How } from '@/parts/How'
import { Complaint, Keeping } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Overtaken } from '@/parts/Overtaken'
import { StartAtBench } from '@/parts/StartAtBench'
import { useChange } from '@/parts/useChange'
import { useToBench } from '@/parts/useToBench'
import { useTyped } from '@/parts/useTyped'
import { FilingPlan } from './FilingPlan'
import { Filings } from './Filings'
import { SawFields } from './SawFields'
import { baseOf, LENGTHS, sentOf } from './sawForm'
import { SawTemplate } from './SawTemplate'
import { TeethSheet } from './TeethSheet'

/** One saw: its numbers, its teeth, its file and its plan. */
export function SawBench({ page, unit }: { page: Schemas['SawPage']; unit: string }) {
  const draft = useTyped(`saw ${page.id}`, baseOf(page), unit, page.version, LENGTHS)
  const sent = sentOf(draft.values)
  const preview = useQuery(sawPreview(page.id, sent)).data
  const params = { path: { saw: page.id } }
  const body = { ...sent, version: draft.version }
  const keep = useChange(() => answered(client.PUT('/api/saws/{saw}', { params, body })), draft.clear)
  const begin = useToBench(
    () => answered(client.POST('/api/saws/{saw}/sessions', { params, body })),
    draft.clear,
  )
  const record = draft.touched && preview?.sound ? () => keep.mutate(undefined) : null

  const isStartable = page.running !== null || preview?.canFile === true

  return (
    <Board
      next={
        <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
          {isStartable && (
            <StartAtBench
              running={page.running}
              onStart={() => begin.mutate(undefined)}
              busy={begin.isPending}
            />
          )}
          {draft.touched && (
            <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} quiet={isStartable} />
          )}
          {preview && <How how={preview.how} />}
        </NextStroke>
      }
      drawing={<TeethSheet name={page.name} preview={preview} />}
      below={
        <>
          <FilingPlan steps={preview?.steps ?? []} />
          <SawTemplate saw={page.id} values={draft.values} preview={preview} onChange={draft.change} />
          <Filings title="Filed before" filings={page.filings} />
        </>
      }
      column={
        <>
          {draft.overtaken && <Overtaken name={page.name} onKeep={draft.keep} onDrop={draft.clear} />}
          <div className="mt-6">
            <SawFields
              page={page}
              values={draft.values}
              preview={preview}
              onChange={draft.change}
              onRecord={record}
            />
          </div>
          <Complaint problem={keep.error ?? begin.error} besides={[]} />
          {preview?.worth && <p className="mt-3 text-soft">{preview.worth}</p>}
          <p className="mt-4 border-l-4 border-red pl-3 text-sm">{page.caution}</p>
        </>
      }
    />
  )
}
