import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { pulse, toolPage, toolPreview } from '@/api/queries'
import { ToolDrawing, toolFits } from '@/drawings/ToolDrawing'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Complaint, Keeping } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { useTyped } from '@/parts/useTyped'
import { useChange } from '@/parts/useChange'
import { HowIsIt } from '@/places/kit/HowIsIt'
import { KitNav } from '@/places/kit/KitNav'
import { Naming } from './Naming'
import { Overruling } from './Overruling'
import { Removal } from './Removal'
import { ItsUse } from './ItsUse'
import { Serves } from './Serves'
import { StrokeCounter } from './StrokeCounter'
import { lengthsOf, typedFigures } from './toolForm'
import { ToolFigures } from './ToolFigures'

/** One tool: its dimensions, what it serves, what would be lost without it. */
export function ToolPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(toolPage(id))
  const { data: watched } = useQuery(pulse())
  if (error && !data) return <Lost problem={error} />
  if (!data || !watched) return <Waiting />
  return <OneTool key={id} page={data} unit={watched.unit} />
}

function OneTool({ page, unit }: { page: Schemas['ToolPage']; unit: string }) {
  const { tool, kind } = page
  const draft = useTyped(`tool ${tool.id}`, baseOf(page), unit, tool.version, lengthsOf(kind))
  const sent = { kind: kind.id, figures: typedFigures(kind, draft.values), name: draft.values.name ?? '' }
  const preview = useQuery(toolPreview(sent)).data
  const save = useSave(tool.id, draft.clear)
  const refused = save.error instanceof Refused ? save.error : null
  const record =
    draft.touched && preview?.sound ? () => save.mutate(body(sent, draft.values, draft.version)) : null
  const asked = kind.dimensions.filter((row) => row.asked)
  const others = kind.dimensions.filter((row) => !row.asked)
  const labels = Object.fromEntries(page.sizes.map((row) => [row.name, row.text]))

  return (
    <>
      <Heading title={upper(tool.name)} says={`${kind.says} ${kind.for}`} />
      <KitNav />
      <Board
        drawing={
          <Sheet
            title={tool.name}
            says={`${kind.says} ${page.sizes.map((row) => `${row.label} ${row.text}`).join(', ')}.`}
            block={[
              ['Kind', kind.name],
              ['Status', tool.status === 'owned' ? 'owned' : 'wanted'],
              ...(kind.running ? [['Running', kind.running] as const] : []),
            ]}
            fits={(box) => toolFits(preview?.outline ?? tool.outline, box)}
            height={(width) => Math.max(240, Math.min(380, width * 0.5))}
          >
            {(box) => (
              <ToolDrawing
                outline={preview?.outline ?? tool.outline}
                labels={labels}
                wanted={tool.status === 'wanted'}
                {...box}
              />
            )}
          </Sheet>
        }
        below={<Serves page={page} />}
        column={
          <>
            {draft.overtaken && <Overtaken name={tool.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <Readings title="Dimensions" onRecord={record}>
              <ToolFigures
                dimensions={asked}
                values={draft.values}
                figures={preview?.figures}
                onChange={draft.change}
              />
              {others.length > 0 && (
                <details className="border-b border-rule py-1.5">
                  <summary className="min-h-8 cursor-pointer text-soft">
                    All dimensions: {others.map((row) => `${row.label} ${labels[row.name] ?? ''}`).join(', ')}
                  </summary>
                  <ToolFigures
                    dimensions={others}
                    values={draft.values}
                    figures={preview?.figures}
                    onChange={draft.change}
                  />
                </details>
              )}
              <Naming
                values={draft.values}
                onChange={draft.change}
                priceHint={`usual ${kind.price}, invented${kind.making ? `; made: ${kind.making}` : ''}`}
                priceError={refused?.about('price')}
              />
            </Readings>
            <NextStroke {...stroke(page, draft.touched)}>
              {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={save.isPending} />}
              <Removal page={page} />
            </NextStroke>
            <Complaint problem={save.error} besides={['price']} />
            {page.asks && page.asks.found !== 'works' && <HowIsIt tool={tool} {...page.asks} />}
            {page.tool.status === 'owned' && page.sizes.some((row) => row.name === 'tpi') && (
              <StrokeCounter page={page} />
            )}
            {page.tool.status === 'owned' && <ItsUse tool={page.tool} />}
            <Overruling page={page} />
          </>
        }
      />
    </>
  )
}

const upper = (name: string) => name.charAt(0).toUpperCase() + name.slice(1)

function baseOf(page: Schemas['ToolPage']): Record<string, string> {
  return {
    ...Object.fromEntries(page.sizes.map((row) => [row.name, row.typed])),
    name: page.tool.name,
    status: page.tool.status,
    price: page.tool.price === null ? '' : String(page.tool.price),
  }
}

function body(
  sent: Schemas['ToolFormRequest'],
  values: Readonly<Record<string, string>>,
  version: number,
): Schemas['VersionedToolFormRequest'] {
  return {
    version,
    figures: sent.figures,
    name: sent.name,
    status: values.status === 'wanted' ? 'wanted' : 'owned',
    price: values.price ?? '',
  }
}

function stroke(page: Schemas['ToolPage'], touched: boolean): { says: string; why: string } {
  if (touched) return { says: 'Changed, not yet saved.', why: 'The drawing shows it already.' }
  if (page.worth) return { says: page.worth, why: 'Judged by the works you chose and the prices you typed.' }
  const lost = page.loses.length
  return lost === 0
    ? {
        says: 'No work would stop without it.',
        why: 'Another tool does what it does, or no work asks for it.',
      }
    : {
        says: `${lost === 1 ? 'One work depends' : `${lost} works depend`} on it.`,
        why: `${page.loses[0] ?? ''}.`,
      }
}

function useSave(tool: number, onSaved: () => void) {
  const queries = useQueryClient()
  return useChange(
    (body: Schemas['VersionedToolFormRequest']) =>
      answered(client.PUT('/api/tools/{tool}', { params: { path: { tool } }, body })),
    (page) => {
      queries.setQueryData(toolPage(tool).queryKey, page)
      onSaved()
    },
  )
}
