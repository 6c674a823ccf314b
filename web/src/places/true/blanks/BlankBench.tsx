import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answered, client, type Schemas, type ReadingsByName } from '@/api/client'
import { blankPreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint, Keeping } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Overtaken } from '@/parts/Overtaken'
import { PlainField } from '@/parts/PlainField'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'
import { baseOf, LENGTHS, sentOf } from './blankForm'
import { EndSheet } from './EndSheet'
import { RestTest } from './RestTest'
import { useRemoved } from '@/parts/useRemoved'

interface BlankBenchProps {
  /** Null: a new one. */
  blank: Schemas['ListedBlank'] | null
  data: Schemas['Blanks']
  unit: string
}

/** One blank: its measures and looks, and its week of rest. */
export function BlankBench({ blank, data, unit }: BlankBenchProps) {
  const navigate = useNavigate()
  const draft = useTyped(`blank ${blank?.id ?? 'new'}`, baseOf(blank), unit, blank?.version ?? 1, LENGTHS)
  const sent = sentOf(draft.values)
  const preview = useQuery(blankPreview(sent)).data
  const keep = useChange(
    () => save(blank, draft.version, sent),
    () => {
      draft.clear()
      if (!blank) void navigate('/true/blanks')
    },
  )
  const removed = useRemoved('/true/blanks')
  const remove = useChange(
    (kept: Schemas['ListedBlank']) =>
      answered(
        client.DELETE('/api/blanks/{blank}', {
          params: { path: { blank: kept.id } },
          body: { version: kept.version },
        }),
      ),
    removed,
  )
  const record = (draft.touched || !blank) && preview?.sound ? () => keep.mutate(undefined) : null
  const missing = Object.keys(preview?.missing ?? {})

  return (
    <Board
      columnFirst
      drawing={<EndSheet preview={preview} name={draft.values.name || 'The blank'} />}
      below={blank && <RestTest blank={blank} />}
      column={
        <>
          {draft.overtaken && blank && (
            <Overtaken name={blank.name} onKeep={draft.keep} onDrop={draft.clear} />
          )}
          <NextStroke {...nextOf(blank, draft.touched, missing)}>
            {blank && draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
            {!blank && (
              <Button writes weight="main" disabled={!record || keep.isPending} onClick={() => record?.()}>
                Lay it on the shelf
              </Button>
            )}
            {blank && !draft.touched && (
              <Button writes disabled={remove.isPending} onClick={() => remove.mutate(blank)}>
                Take it off the shelf
              </Button>
            )}
          </NextStroke>
          <div className="mt-6">
            <Fields
              values={draft.values}
              figures={preview?.figures}
              data={data}
              onChange={draft.change}
              onRecord={record}
            />
          </div>
          <Complaint problem={keep.error ?? remove.error} besides={[]} />
        </>
      }
    />
  )
}

function nextOf(blank: Schemas['ListedBlank'] | null, touched: boolean, missing: readonly string[]) {
  if (missing.length > 0)
    return {
      says: `Measure ${missing.includes('ring') && missing.length === 1 ? 'the angle of its rings' : 'it'}.`,
      why: 'Length, width, thickness, and the angle of the rings at its end.',
    }
  if (!blank) return { says: 'Lay it on the shelf.', why: 'Then it is ranked with the others, and can rest.' }
  return touched
    ? { says: 'Save what you measured.', why: 'It is ranked anew by it.' }
    : { says: blank.rest.says, why: blank.moves }
}

function save(blank: Schemas['ListedBlank'] | null, version: number, body: Schemas['BlankRequest']) {
  return blank
    ? answered(
        client.PUT('/api/blanks/{blank}', {
          params: { path: { blank: blank.id } },
          body: { ...body, version },
        }),
      )
    : answered(client.POST('/api/blanks', { body }))
}

interface FieldsProps {
  values: Readonly<Record<string, string>>
  figures: ReadingsByName | undefined
  data: Schemas['Blanks']
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
}

function Fields({ values, figures, data, onChange, onRecord }: FieldsProps) {
  const reading = readingOf(values, figures, onChange)
  const choice = (field: string, label: string, options: readonly Schemas['Word'][]) => (
    <Choice
      label={label}
      value={values[field] ?? ''}
      options={options}
      onChange={(value) => onChange(field, value)}
    />
  )
  return (
    <Readings title="The blank" onRecord={onRecord}>
      {choice('species', 'Wood', data.species)}
      {reading('length', 'Length', undefined, 10)}
      {reading('width', 'Width', undefined, 1)}
      {reading('thickness', 'Thickness', undefined, 1)}
      {reading('ring', 'Rings to the face', '0° flatsawn, 90° quartersawn', 5)}
      {reading('runout', 'Grain runs out by', 'split a corner and see; degrees, or 1:20', 0.5)}
      {choice('figure', 'Grain', data.figured)}
      {choice('knots', 'Knots', data.knots)}
      <PlainField
        wide
        label="Called"
        value={values.name ?? ''}
        placeholder={values.species ?? ''}
        onChange={(text) => onChange('name', text)}
      />
    </Readings>
  )
}
