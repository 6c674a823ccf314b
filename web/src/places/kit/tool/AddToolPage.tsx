import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { kinds, pulse, toolPreview } from '@/api/queries'
import { ToolDrawing, toolFits } from '@/drawings/ToolDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Complaint } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { Readings } from '@/parts/Readings'
import { capital } from '@/parts/capital'
import { Sheet } from '@/parts/Sheet'
import { useTyped } from '@/parts/useTyped'
import { useChange } from '@/parts/useChange'
import { KitNav } from '@/places/kit/KitNav'
import { KindChooser } from './KindChooser'
import { CONDITIONS, Naming } from './Naming'
import { labelsOf, lengthsOf, typedFigures } from './toolForm'
import { ToolFigures } from './ToolFigures'

const FIRST_GROUP = 'sharpening'

/** Hang a tool up: what it is, three readings at most, and everything else is usual for its kind. */
export function AddToolPage() {
  const { data, error } = useQuery(kinds())
  const { data: watched } = useQuery(pulse())
  if (error && !data) return <Lost problem={error} />
  if (!data || !watched) return <Waiting />
  return <AddTool kinds={data.kinds} groups={data.groups} unit={watched.unit} />
}

interface AddToolProps {
  kinds: readonly Schemas['Kind'][]
  groups: readonly Schemas['ToolGroup'][]
  unit: string
}

function AddTool({ kinds, groups, unit }: AddToolProps) {
  const [search, setSearch] = useSearchParams()
  const kind = kinds.find((row) => row.id === search.get('kind'))
  const group = search.get('group') ?? kind?.group ?? FIRST_GROUP
  const draft = useTyped(`add ${kind?.id ?? ''}`, BASE, unit, 1, lengthsOf(kind))
  const sent = kind
    ? { kind: kind.id, figures: typedFigures(kind, draft.values), name: draft.values.name ?? '' }
    : null
  const preview = useQuery(toolPreview(sent)).data
  const add = useAdd(draft.clear)
  const refused = add.error instanceof Refused ? add.error : null
  const record = kind && preview?.sound ? () => add.mutate(body(kind, draft.values)) : null

  return (
    <>
      <Heading
        title="Add a tool"
        says="Choose what it is, read off three sizes at most. The rest is usual for its kind."
      />
      <KitNav />
      <Board
        columnFirst={kind !== undefined}
        drawing={
          <KindChooser
            kinds={kinds}
            groups={groups}
            group={group}
            onGroup={(next) => setSearch({ group: next }, { replace: true })}
            chosen={kind?.id ?? ''}
            onChoose={(next) => setSearch({ group, kind: next }, { replace: true })}
          />
        }
        column={
          kind && sent ? (
            <>
              <NextStroke
                says={draft.values.status === 'wanted' ? 'Put it on the list.' : 'Hang it up.'}
                why={kind.needs.length > 0 ? `It counts only with ${kind.needs.join(' and ')}.` : kind.for}
              >
                <Button
                  writes
                  weight="main"
                  keys="Ctrl Enter"
                  disabled={!record || add.isPending}
                  onClick={() => record?.()}
                >
                  {draft.values.status === 'wanted' ? 'Put it on the list' : 'Hang it up'}
                </Button>
                <Link to="/kit" className="min-h-8 underline underline-offset-4">
                  Back to the board
                </Link>
              </NextStroke>
              <KindSheet kind={kind} preview={preview} wanted={draft.values.status === 'wanted'} />
              <Readings onRecord={record}>
                <ToolFigures
                  dimensions={kind.dimensions.filter((dimension) => dimension.asked)}
                  values={draft.values}
                  figures={preview?.figures}
                  onChange={draft.change}
                />
                <Naming
                  values={draft.values}
                  onChange={draft.change}
                  offered={preview?.name ?? kind.name}
                  asksCondition={kind.cuts}
                  priceHint={
                    draft.values.status === 'wanted' ? `planned with ${kind.price} until you know it` : null
                  }
                  priceError={refused?.about('price')}
                />
              </Readings>
              <Complaint problem={add.error} besides={['price']} />
              <Added name={add.data?.tool.name} />
            </>
          ) : (
            <>
              <NextStroke
                says="Choose what it is."
                why={groups.find((row) => row.id === group)?.teaches ?? ''}
              />
              <Added name={add.data?.tool.name} />
            </>
          )
        }
      />
    </>
  )
}

const BASE = { status: 'owned', condition: 'unknown', name: '', price: '' }

function body(kind: Schemas['Kind'], values: Readonly<Record<string, string>>): Schemas['AddToolRequest'] {
  return {
    kind: kind.id,
    figures: typedFigures(kind, values),
    name: values.name ?? '',
    status: values.status === 'wanted' ? 'wanted' : 'owned',
    condition: CONDITIONS.find((row) => row.value === values.condition)?.value ?? 'unknown',
    price: values.price ?? '',
  }
}

/** Writes it down and comes back for the next one; a board is filled tool by tool. */
function useAdd(onAdded: () => void) {
  const navigate = useNavigate()
  return useChange(
    (tool: Schemas['AddToolRequest']) => answered(client.POST('/api/tools', { body: tool })),
    ({ kind }) => {
      onAdded()
      void navigate(`/kit/add?group=${kind.group}`, { replace: true })
    },
  )
}

function Added({ name }: { name: string | undefined }) {
  return name ? (
    <p role="status" className="mt-4 border-t border-rule pt-2">
      ✓ {name}. The next one?
    </p>
  ) : null
}

interface KindSheetProps {
  kind: Schemas['Kind']
  preview: Schemas['ToolPreview'] | undefined
  wanted: boolean
}

function KindSheet({ kind, preview, wanted }: KindSheetProps) {
  const current = preview?.kind === kind.id ? preview : undefined
  return (
    <div className="mt-4 mb-3">
      <Sheet
        title={capital(kind.name)}
        says={`${kind.says} ${kind.for}`}
        block={[['What can go wrong', kind.wrong]]}
        fits={(box) => toolFits(current?.outline ?? kind.outline, box)}
        height={() => 190}
      >
        {(box) => (
          <ToolDrawing
            outline={current?.outline ?? kind.outline}
            labels={labelsOf(kind, current?.figures)}
            wanted={wanted}
            {...box}
          />
        )}
      </Sheet>
    </div>
  )
}
