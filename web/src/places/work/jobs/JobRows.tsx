import clsx from 'clsx'
import { memo } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { capital } from '@/parts/capital'
import { pageOf } from '@/shell/pages'

interface JobRowsProps {
  rows: readonly Schemas['JobRow'][]
  kinds: readonly Schemas['JobKind'][]
  /** Ticks a step off that was done away from bench mode; left out before the job is begun. */
  onTick?: (step: number) => void
}

/** So many steps that are not done are told in full; the others open at a touch. */
const IN_FULL = 5

/** Every step of a job in the order it is done, batch by batch. */
export const JobRows = memo(function JobRows({ rows, kinds, onTick }: JobRowsProps) {
  const left = rows.flatMap((row, at) => (row.state === 'done' ? [] : [at]))
  const done = rows.flatMap((row, at) => (row.state === 'done' ? [at] : []))
  const open = left.slice(0, IN_FULL)
  const list = (places: readonly number[]) => (
    <ol>
      {places.map((at, place) => (
        <Item
          key={at}
          rows={rows}
          at={at}
          before={places[place - 1]}
          kinds={kinds}
          open={open.includes(at)}
          {...(onTick && { onTick })}
        />
      ))}
    </ol>
  )
  return (
    <section aria-label="Steps" className="mt-5">
      <h2 className="text-lg">Step by step</h2>
      {done.length > 0 && (
        <details className="border-t border-rule py-1.5">
          <summary className="cursor-pointer text-soft">
            ✓ {done.length === 1 ? 'One step is done' : `${done.length} steps are done`}
          </summary>
          {list(done)}
        </details>
      )}
      {list(left)}
    </section>
  )
})

interface ItemProps extends JobRowsProps {
  at: number
  /** The one above it; none above the first. */
  before: number | undefined
  open: boolean
}

function Item({ rows, at, before, kinds, open, onTick }: ItemProps) {
  const row = rows[at]
  if (!row) return null
  const starts = before === undefined || rows[before]?.batch !== row.batch
  return (
    <li
      aria-current={row.state === 'next' ? 'step' : undefined}
      className={clsx('border-t py-1.5', starts ? 'border-ink' : 'border-rule')}
    >
      {starts && rows.some(({ batch }) => batch > 1) && (
        <p className="text-sm text-soft">Batch {row.batch}</p>
      )}
      <Row
        row={row}
        number={at + 1}
        kind={kinds[row.kind]}
        open={open}
        onTick={onTick ? () => onTick(at) : undefined}
      />
    </li>
  )
}

interface RowProps {
  row: Schemas['JobRow']
  number: number
  kind: Schemas['JobKind'] | undefined
  open: boolean
  onTick: (() => void) | undefined
}

function Row({ row, number, kind, open, onTick }: RowProps) {
  if (!kind) return null
  if (row.state === 'done') return <Line row={row} number={number} kind={kind} />
  return (
    <details open={open}>
      <summary className="cursor-pointer list-none">
        <Line row={row} number={number} kind={kind} />
      </summary>
      <div className="pl-8">
        {kind.setting && <p className="font-slab font-semibold">{capital(kind.setting)}</p>}
        <p>{kind.says}</p>
        <p className="text-sm">
          <strong>Look:</strong> {kind.check}.
        </p>
        {kind.tools && kind.hone === null && <p className="text-sm text-soft">With: {kind.tools}</p>}
        {onTick && (
          <Button writes aria-label={`Done already: ${kind.title}`} onClick={onTick}>
            Done already
          </Button>
        )}
        {kind.hone !== null && (
          <p className="text-sm">
            <Link to={pageOf({ kind: 'edge', id: kind.hone })} className="underline underline-offset-4">
              Stones and strokes
            </Link>
          </p>
        )}
      </div>
    </details>
  )
}

function Line({
  row,
  number,
  kind,
}: Omit<RowProps, 'open' | 'kind' | 'onTick'> & { kind: Schemas['JobKind'] }) {
  const isDone = row.state === 'done'
  return (
    <span className={clsx('flex items-baseline gap-x-3', isDone && 'text-soft')}>
      <span className="w-5 shrink-0 text-right">{isDone ? '✓' : number}</span>
      <span className={clsx('min-w-0 grow', !isDone && 'font-bold')}>
        {kind.title}
        {kind.hone === null && <span className="font-normal text-soft"> · {row.to}</span>}
        {row.done > 0 && !isDone && <span className="font-normal"> · {row.done} done</span>}
        {row.isSet && !isDone && <span className="font-normal text-blue"> · set the tool</span>}
        {row.state === 'rests' && <span className="font-normal text-amber"> · rests</span>}
        {kind.lacks && !isDone && <span className="font-normal text-red"> · no way yet</span>}
      </span>
      <span className="shrink-0 text-right text-sm whitespace-nowrap">
        {kind.lacks ? '–' : told(row)}
        {row.day && !kind.lacks && <span className="hidden text-soft sm:inline"> · {row.day}</span>}
      </span>
    </span>
  )
}

/** What it took beside what was planned, or what is planned. */
function told({ took, minutes: planned }: Schemas['JobRow']): string {
  return took === null ? `${minutes(planned)} min` : `${minutes(took)} of ${minutes(planned)} min`
}

/** A minute is fine enough from ten on. */
const minutes = (value: number) => (value < 10 ? String(value) : String(Math.round(value)))
