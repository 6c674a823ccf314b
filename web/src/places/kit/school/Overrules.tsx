import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { kinds } from '@/api/queries'
import { Button } from '@/parts/Button'
import { overrulesFor, type Overrule } from '@/places/kit/overruleWords'

interface OverrulesProps {
  rows: readonly Schemas['Overrule'][]
  /** What is chosen stays chosen until it is kept. */
  onDecide: (overrule: NonNullable<Schemas['SchoolRequest']['overrule']>, onKept?: () => void) => void
}

/** What the user decided about single kinds of tool, and a way to decide about any other. */
export function Overrules({ rows, onDecide }: OverrulesProps) {
  return (
    <section className="mt-6 max-w-xl">
      <h2 className="text-lg">Overruled for single tools</h2>
      <ul>
        {rows.map((row) => (
          <li key={row.kind} className="flex items-baseline gap-3 border-t border-rule py-1.5">
            <span className="grow">
              <strong>{row.name}</strong> – {row.label}
            </span>
            <Button
              writes
              onClick={() => onDecide({ kind: row.kind, overrule: null })}
              aria-label={`let the school decide: ${row.name}`}
            >
              let the school decide
            </Button>
          </li>
        ))}
      </ul>
      <Decide onDecide={onDecide} />
    </section>
  )
}

function Decide({ onDecide }: Pick<OverrulesProps, 'onDecide'>) {
  const all = useQuery(kinds()).data?.kinds ?? []
  const [kind, setKind] = useState('')
  const [overrule, setOverrule] = useState('leave-out')
  const words = overrulesFor(all.find((row) => row.id === kind)?.making != null)
  const decided = words.some((word) => word.value === overrule) ? overrule : 'leave-out'

  return (
    <div className="flex flex-wrap items-baseline gap-3 border-t border-rule py-2">
      <select
        aria-label="A kind of tool"
        value={kind}
        onChange={(event) => setKind(event.target.value)}
        className="min-h-8 min-w-0 grow border border-rule bg-sheet px-1"
      >
        <option value="">choose a kind of tool…</option>
        {all.map((row) => (
          <option key={row.id} value={row.id}>
            {row.name}
          </option>
        ))}
      </select>
      <select
        aria-label="What you want of it"
        value={decided}
        onChange={(event) => setOverrule(event.target.value)}
        className="min-h-8 border border-rule bg-sheet px-1"
      >
        {words.map((word) => (
          <option key={word.value} value={word.value}>
            {word.label}
          </option>
        ))}
      </select>
      <Button
        writes
        className="font-bold"
        disabled={kind === ''}
        onClick={() => onDecide({ kind, overrule: decided as Overrule }, () => setKind(''))}
      >
        Overrule it
      </Button>
    </div>
  )
}
