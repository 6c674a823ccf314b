import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { pulse } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { PlainField } from '@/parts/PlainField'
import { useTyped } from '@/parts/useTyped'
import { hardnesses, type Hardness } from '@/parts/hardness'
import { useChange } from '@/parts/useChange'

const LENGTHS = ['thickness', 'depth'] as const
const BASE = { thickness: '', depth: '', strokes: '' }

/** Strokes really counted through a cut: they replace the model's guess of how this saw bites. */
export function StrokeCounter({ page }: { page: Schemas['ToolPage'] }) {
  const unit = useQuery(pulse()).data?.unit ?? 'mm'
  const draft = useTyped(`strokes ${page.tool.id}`, BASE, unit, page.tool.version, LENGTHS)
  const [hardness, setHardness] = useState<Hardness>('soft')
  const count = useCount(page.tool, draft.clear)
  const refused = count.error instanceof Refused ? count.error : null
  const field = (name: 'thickness' | 'depth' | 'strokes', label: string) => (
    <PlainField
      label={label}
      quantity={name === 'strokes' ? 'count' : 'length'}
      value={draft.values[name] ?? ''}
      error={refused?.about(name)}
      onChange={(text) => draft.change(name, text)}
    />
  )

  return (
    <section className="mt-5">
      <h2 className="text-lg">Count its strokes</h2>
      <p className="text-sm text-soft">{page.bite ?? 'Not counted yet: its strokes are a model’s guess.'}</p>
      {field('thickness', 'stock thickness')}
      {field('depth', 'depth of the cut')}
      {field('strokes', 'strokes counted')}
      <Choice label="wood" value={hardness} options={hardnesses} onChange={setHardness} />
      <Button
        writes
        className="mt-1"
        disabled={count.isPending}
        onClick={() =>
          count.mutate({
            version: page.tool.version,
            thickness: draft.values.thickness ?? '',
            depth: draft.values.depth ?? '',
            strokes: draft.values.strokes ?? '',
            hardness,
          })
        }
      >
        Record this count
      </Button>
      {refused && refused.changedElsewhere && (
        <p role="alert" className="text-sm font-bold text-red">
          {refused.message}
        </p>
      )}
    </section>
  )
}

function useCount(tool: Schemas['Tool'], onCounted: () => void) {
  return useChange(
    (body: Schemas['StrokesRequest']) =>
      answered(client.POST('/api/tools/{tool}/strokes', { params: { path: { tool: tool.id } }, body })),
    () => {
      onCounted()
    },
  )
}
