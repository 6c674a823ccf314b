import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { known, knownPreview, pulse } from '@/api/queries'
import { KnownReading } from '@/drawings/reading/KnownReading'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { Toggle } from '@/parts/Toggle'
import { useChange } from '@/parts/useChange'
import { useDraft } from '@/parts/useDraft'
import { InstrumentChoice } from '@/places/true/InstrumentChoice'

/** Several squares at once, each held against one that is known. */
export function KnownPage() {
  const { data, error } = useQuery(known())
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit) return <Waiting />
  return data.known[0] && data.squares.length > 1 ? (
    <Page page={data} first={data.known[0].id} unit={unit} />
  ) : (
    <Heading
      title="Squares against a known one"
      says="This takes two squares, one of them tested. Test one against itself first, by turning it over."
    />
  )
}

interface Typed {
  known: number
  instrument: string
  gaps: Record<string, string>
  at: Record<string, 'tip' | 'heel'>
}

function Page({ page, first, unit }: { page: Schemas['Known']; first: number; unit: string }) {
  const base: Typed = { known: first, instrument: page.instrument, gaps: {}, at: {} }
  const draft = useDraft<Typed>('known', base, unit, 1)
  const { values } = draft
  const chosen = page.known.find((square) => square.id === values.known) ?? page.known[0]
  const others = page.squares.filter((square) => square.id !== chosen?.id)
  const sent: Schemas['KnownSquareRequest'] = {
    known: chosen?.id ?? first,
    instrument: values.instrument,
    rows: others.map((square) => ({
      square: square.id,
      gap: values.gaps[square.id] ?? '',
      at: values.at[square.id] ?? 'tip',
    })),
  }
  const preview = useQuery(knownPreview(sent)).data
  const record = useChange(() => answered(client.POST('/api/references/known', { body: sent })), draft.clear)
  if (!preview || !chosen) return <Waiting />
  const isRead = preview.rows.some((row) => row.error !== null)

  return (
    <>
      <Heading
        title="Squares against a known one"
        says="Each square in turn beside one whose error is known; what is the known one’s own is taken off."
      />
      <Board
        drawing={
          <Sheet
            title="Two squares held against one straight edge, the outer edges of their blades together"
            says={preview.next.says}
            block={[
              ['Known', chosen.name],
              ['Its own error', chosen.error ?? '–'],
            ]}
            height={(width) => Math.max(240, Math.min(380, width * 0.55))}
          >
            {(box) => <KnownReading {...box} />}
          </Sheet>
        }
        column={
          <>
            <Readings onRecord={isRead ? () => record.mutate(undefined) : null}>
              <Choice
                label="The known square"
                value={String(chosen.id)}
                options={page.known.map((square) => ({
                  value: String(square.id),
                  label: square.name,
                }))}
                onChange={(id) => draft.change({ known: Number(id) })}
              />
              {others.map((square, index) => (
                <Row
                  key={square.id}
                  square={square}
                  typed={values.gaps[square.id] ?? ''}
                  at={values.at[square.id] ?? 'tip'}
                  read={preview.rows[index]}
                  onGap={(gap) => draft.change({ gaps: { ...values.gaps, [square.id]: gap } })}
                  onAt={(at) => draft.change({ at: { ...values.at, [square.id]: at } })}
                />
              ))}
              <InstrumentChoice
                instruments={page.instruments}
                value={values.instrument}
                onChange={(instrument) => draft.change({ instrument })}
              />
            </Readings>
            <NextStroke says={preview.next.says} why={preview.next.why}>
              {isRead && (
                <Button
                  writes
                  weight="main"
                  keys="Ctrl Enter"
                  disabled={record.isPending}
                  onClick={() => record.mutate(undefined)}
                >
                  Write these down
                </Button>
              )}
            </NextStroke>
            <Complaint problem={record.error} besides={[]} />
          </>
        }
      />
    </>
  )
}

interface RowProps {
  square: Schemas['KnownSquare']
  typed: string
  at: 'tip' | 'heel'
  read: Schemas['KnownRowRead'] | undefined
  onGap: (gap: string) => void
  onAt: (at: 'tip' | 'heel') => void
}

const signs = { within: '✓ within', outside: 'outside', 'cannot-tell': '? can’t tell,' } as const

function Row({ square, typed, at, read, onGap, onAt }: RowProps) {
  return (
    <div className="border-b border-rule py-1.5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span>{square.name}</span>
        <span className="ml-auto flex items-baseline gap-2">
          <Toggle
            label={`Where the gap of the ${square.name} shows`}
            options={[
              { value: 'tip', label: 'at the tip' },
              { value: 'heel', label: 'at the heel' },
            ]}
            value={at}
            onChoose={(where) => onAt(where as 'tip' | 'heel')}
          />
          <ReadingField
            bare
            label={`Gap of the ${square.name}`}
            value={typed}
            reading={read?.gap}
            stepMm={0.05}
            onChange={onGap}
          />
        </span>
      </div>
      {read?.error && (
        <p className="text-sm text-soft">
          {read.error}, {read.leans};{' '}
          <strong className={read.verdict === 'outside' ? 'text-red' : 'text-ink'}>
            {read.verdict && signs[read.verdict]} {square.tolerance}
          </strong>
        </p>
      )}
    </div>
  )
}
