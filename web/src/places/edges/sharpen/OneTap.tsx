import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { rememberEvent } from '@/parts/lastRecord'
import { useChange } from '@/parts/useChange'
import { eventOf } from '@/places/edges/log/eventOf'

const STROKES = [5, 10, 15, 20, 30]

/** Ten strokes on the strop, or a touch-up, done without any plan: one tap writes it down. */
export function OneTap({ edge }: { edge: Schemas['Edge'] }) {
  const [strokes, setStrokes] = useState(10)
  const record = useChange(
    (typed: Partial<Schemas['EventRequest']>) =>
      answered(
        client.POST('/api/edges/{edge}/events', {
          params: { path: { edge: edge.id } },
          body: eventOf({ ...typed, version: edge.version }),
        }),
      ),
    rememberEvent,
  )
  return (
    <p className="mt-4 flex flex-wrap items-baseline gap-x-5 border-t border-rule pt-2">
      <span className="text-soft">Done already?</span>
      <span className="inline-flex items-baseline gap-2">
        <Button
          writes
          disabled={record.isPending}
          onClick={() => record.mutate({ kind: 'stropped', strokes: String(strokes) })}
        >
          Stropped
        </Button>
        <select
          aria-label="Strokes a side"
          value={strokes}
          onChange={(event) => setStrokes(Number(event.target.value))}
          className="min-h-8 border border-rule bg-sheet px-1"
        >
          {STROKES.map((count) => (
            <option key={count} value={count}>
              {count} a side
            </option>
          ))}
        </select>
      </span>
      <Button writes disabled={record.isPending} onClick={() => record.mutate({ kind: 'touched-up' })}>
        Touched up
      </Button>
      {record.isSuccess && <span role="status">✓ in its diary</span>}
      {record.error && (
        <span role="alert" className="font-bold text-red">
          {record.error.message}
        </span>
      )}
    </p>
  )
}
