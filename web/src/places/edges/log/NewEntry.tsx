import { answered, client, Refused, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { asDate } from '@/parts/dates'
import { Complaint } from '@/parts/Keeping'
import { PlainField } from '@/parts/PlainField'
import { Readings } from '@/parts/Readings'
import { rememberEvent } from '@/parts/lastRecord'
import { useChange } from '@/parts/useChange'
import { correcting } from '@/parts/useCorrection'
import { useTyped } from '@/parts/useTyped'
import { eventOf } from './eventOf'

interface NewEntryProps {
  log: Schemas['EdgeLog']
  stones: readonly Schemas['Stone'][]
}

interface EntryProps extends NewEntryProps {
  /** The entry that is corrected; null: a new one. */
  wrong: Schemas['EdgeEntry'] | null
  onCorrected: () => void
}

type Field = keyof Omit<Schemas['EventRequest'], 'version' | 'kind'>

// What each kind of entry wants to know; the day is today unless another is typed.
const FIELDS: Readonly<Record<string, readonly Field[]>> = {
  used: ['minutes', 'wood', 'day'],
  tested: ['found', 'day'],
  stropped: ['strokes', 'day'],
  'touched-up': ['stone', 'strokes', 'day'],
  honed: ['stone', 'strokes', 'day'],
  ground: ['deg', 'day'],
  measured: ['deg', 'day'],
}

// The application counts its days by universal time.
const today = () => new Date().toISOString().slice(0, 10)

const BASE = { kind: 'used', wood: 'soft', found: 'no-line' }

/** One entry, quick to make: what happened, and the one or two figures that belong to it. */
export function NewEntry({ log, stones, wrong, onCorrected }: EntryProps) {
  const base = wrong ? { ...wrong.typed } : { ...BASE, day: today() }
  const draft = useTyped(
    wrong ? `entry ${log.edge.id} ${wrong.written?.entry ?? 0}` : `entry ${log.edge.id}`,
    base,
    '',
    1,
    [],
  )
  const kind = draft.values.kind ?? 'used'
  const fields = FIELDS[kind] ?? []
  const done = (answer: Schemas['EdgeLog']) => {
    draft.clear()
    if (wrong) onCorrected()
    else rememberEvent(answer)
  }
  const record = useChange(() => {
    const typed = Object.fromEntries(fields.map((field) => [field, draft.values[field] ?? '']))
    const body = eventOf({ ...typed, kind, version: log.edge.version })
    const edge = log.edge.id
    const headers = wrong?.written ? correcting(wrong.written.entry) : {}
    return answered(client.POST('/api/edges/{edge}/events', { params: { path: { edge } }, body, headers }))
  }, done)
  const refused = record.error instanceof Refused ? record.error : null
  const onRecord = record.isPending ? null : () => record.mutate(undefined)

  return (
    <div className="mt-5">
      <Readings title={wrong ? `Correct the entry of ${asDate(wrong.at)}` : 'Write down'} onRecord={onRecord}>
        <div className="flex flex-wrap gap-x-4" role="group" aria-label="What happened">
          {log.kinds.map((row) => (
            <button
              key={row.value}
              type="button"
              aria-pressed={row.value === kind}
              onClick={() => draft.change('kind', row.value)}
              className={`min-h-8 underline-offset-4 ${row.value === kind ? 'font-bold underline' : 'text-soft'}`}
            >
              {row.label}
            </button>
          ))}
        </div>
        {fields.map((field) => (
          <EntryField
            key={field}
            field={field}
            log={log}
            stones={stones}
            value={draft.values[field] ?? ''}
            error={refused?.about(field)}
            onChange={(text) => draft.change(field, text)}
          />
        ))}
      </Readings>
      <p className="mt-2 flex items-baseline gap-4">
        <Button writes weight="main" keys="Ctrl Enter" disabled={!onRecord} onClick={() => onRecord?.()}>
          {wrong ? 'Correct it' : 'Write it down'}
        </Button>
        {wrong && <Button onClick={onCorrected}>Leave it as it is</Button>}
        {record.isSuccess && <span role="status">✓ written down</span>}
      </p>
      <Complaint problem={record.error} besides={fields} />
    </div>
  )
}

interface EntryFieldProps extends NewEntryProps {
  field: Field
  value: string
  error: string | undefined
  onChange: (text: string) => void
}

function EntryField({ field, log, stones, value, error, onChange }: EntryFieldProps) {
  switch (field) {
    case 'wood':
      return <Choice label="In wood" value={value} options={log.woods} onChange={onChange} />
    case 'found':
      return <Choice label="What it showed" value={value} options={log.founds} onChange={onChange} />
    case 'stone':
      return (
        <Choice
          label="Last stone"
          value={value}
          options={[
            { value: '', label: 'not noted' },
            ...stones.map((stone) => ({ value: stone.name, label: stone.name })),
          ]}
          onChange={onChange}
        />
      )
    default:
      return (
        <PlainField
          label={LABELS[field]}
          type={field === 'day' ? 'date' : 'text'}
          value={value}
          error={error}
          onChange={onChange}
        />
      )
  }
}

const LABELS = {
  day: 'Day',
  minutes: 'Minutes of use',
  strokes: 'Strokes',
  deg: 'Angle, degrees',
  note: 'Note',
} as const
