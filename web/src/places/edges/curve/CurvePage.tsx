import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { curvePreview, edgeCurve, pulse } from '@/api/queries'
import { CurveDrawing } from '@/drawings/CurveDrawing'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { Complaint, Keeping } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { Sheet } from '@/parts/Sheet'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'
import { EdgeNav } from '@/places/edges/EdgesNav'
import { CurveFields } from './CurveFields'

const LENGTHS = ['relief', 'radius']

/** A curved iron: how deep, for what, and how many strokes at each place make it. */
export function CurvePage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(edgeCurve(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['CurvePage']; unit: string }) {
  const { edge } = page
  const base = { relief: '', radius: page.radius, stone: page.stones[0]?.value ?? '', wood: 'medium' }
  const draft = useTyped(`curve ${edge.id}`, base, unit, edge.version, LENGTHS)
  const { relief = '', radius = '', stone = '' } = draft.values
  const sent = { figures: { relief, radius }, stone }
  const preview = useQuery(curvePreview(edge.id, sent)).data
  const params = { path: { edge: edge.id } }
  const keep = useChange(
    () =>
      answered(client.PUT('/api/edges/{edge}/curve', { params, body: { ...sent, version: draft.version } })),
    draft.clear,
  )
  const record = draft.touched && preview?.sound ? () => keep.mutate(undefined) : null

  return (
    <>
      <Heading title={edge.name} says={`${edge.tool}. Its curve across.`} />
      <EdgeNav edge={edge} />
      <Board
        drawing={<CurveSheet name={edge.name} preview={preview} />}
        below={
          <>
            <Lines lines={preview?.lines} />
            {preview?.sound && (
              <Printed edge={edge.id} relief={relief} radius={relief === '' ? radius : ''} />
            )}
          </>
        }
        column={
          <>
            {draft.overtaken && <Overtaken name={edge.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <CurveFields
              page={page}
              values={draft.values}
              figures={preview?.figures}
              onChange={draft.change}
              onRecord={record}
            />
            <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
              {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
              {preview && <How how={preview.how} />}
            </NextStroke>
            <Complaint problem={keep.error} besides={LENGTHS.map((name) => `figures.${name}`)} />
          </>
        }
      />
    </>
  )
}

function CurveSheet({ name, preview }: { name: string; preview: Schemas['CurvePreview'] | undefined }) {
  const { radiusMm = null, sagMm = null } = preview ?? {}
  return (
    <Sheet
      title={`Curve of the ${name}`}
      says={preview?.lines.join(' ') ?? ''}
      block={[['Strokes', String(preview?.places.reduce((sum, place) => sum + place.strokes, 0) ?? 0)]]}
      height={(width) => Math.max(240, Math.min(340, width * 0.5))}
    >
      {(box) =>
        preview && radiusMm !== null && sagMm !== null ? (
          <CurveDrawing
            widthMm={preview.widthMm}
            radiusMm={radiusMm}
            sagMm={sagMm}
            places={preview.places}
            other={preview.other}
            {...box}
          />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            The curve is drawn here once it is chosen.
          </text>
        )
      }
    </Sheet>
  )
}

function Printed({ edge, relief, radius }: { edge: number; relief: string; radius: string }) {
  const file = (kind: string) =>
    `/api/edges/${edge}/curve.${kind}?${new URLSearchParams(relief === '' ? { radius } : { relief }).toString()}`
  return (
    <section className="mt-4">
      <h2 className="mb-1 text-lg">A template of the curve</h2>
      <p className="flex flex-wrap gap-x-5">
        <a href={file('pdf')} className="min-h-8 font-bold underline underline-offset-4">
          Print it: PDF
        </a>
        <a href={file('svg')} className="min-h-8 underline underline-offset-4">
          SVG
        </a>
        <span className="text-soft">At 100 %; lay a rule on the 100 mm line first.</span>
      </p>
    </section>
  )
}
