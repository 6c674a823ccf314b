import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { edgeGeometry, geometryPreview, pulse } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { Complaint, Keeping } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { useChange } from '@/parts/useChange'
import { useLastGood } from '@/parts/useLastGood'
import { useTyped } from '@/parts/useTyped'
import { EdgeNav } from '@/places/edges/EdgesNav'
import { GeometryFields } from './GeometryFields'
import { GeometryLines } from './GeometryLines'
import { GeometrySheets } from './GeometrySheets'
import { MoreOfEdge } from './MoreOfEdge'

/** What angle is it really? Every figure of an edge, seen in its drawing as it is typed. */
export function GeometryPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(edgeGeometry(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['GeometryPage']; unit: string }) {
  const { edge } = page
  const lengths = page.fields.filter((field) => field.isLength).map((field) => field.name)
  const draft = useTyped(`geometry ${edge.id}`, baseOf(page), unit, edge.version, lengths)
  const sent = sentOf(page, draft.values)
  const preview = useQuery(geometryPreview(edge.id, sent)).data
  const good = useLastGood(preview?.sound ? preview.drawn : null, true)
  const drawn = good ?? preview?.drawn
  const keep = useChange(
    () =>
      answered(
        client.PUT('/api/edges/{edge}/geometry', {
          params: { path: { edge: edge.id } },
          body: { ...sent, name: draft.values.name ?? '', version: draft.version },
        }),
      ),
    draft.clear,
  )
  const record = draft.touched && preview?.sound ? () => keep.mutate(undefined) : null
  if (!preview || !drawn) return <Waiting />

  return (
    <>
      <Heading title={edge.name} says={`${edge.tool}. For ${edge.duty}.`} />
      <EdgeNav edge={edge} />
      <Board
        drawing={<GeometrySheets edge={edge} drawn={drawn} says={preview.next.says} />}
        below={<GeometryLines lines={preview.lines} warnings={preview.warnings} />}
        column={
          <>
            {draft.overtaken && <Overtaken name={edge.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <GeometryFields page={page} draft={draft} figures={preview.figures} onRecord={record} />
            <NextStroke says={preview.next.says} why={preview.next.why}>
              {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
              <How how={preview.how} />
            </NextStroke>
            <Complaint problem={keep.error} besides={[]} />
            <MoreOfEdge edge={edge} />
          </>
        }
      />
    </>
  )
}

const baseOf = (page: Schemas['GeometryPage']) => ({
  bevelUp: page.bevelUp ? 'up' : 'down',
  steel: page.steel,
  duty: page.duty,
  name: page.edge.name,
})

function sentOf(
  page: Schemas['GeometryPage'],
  values: Readonly<Record<string, string>>,
): Schemas['GeometryFormRequest'] {
  return {
    figures: Object.fromEntries(page.fields.map((field) => [field.name, values[field.name] ?? ''])),
    bevelUp: values.bevelUp === 'up',
    steel: values.steel ?? page.steel,
    duty: values.duty ?? page.duty,
  }
}
