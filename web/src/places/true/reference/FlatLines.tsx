import { useEffect, useRef } from 'react'
import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { ReadingField } from '@/parts/ReadingField'
import { FromInstrument } from '@/places/true/FromInstrument'

interface FlatLinesProps {
  lines: readonly Schemas['ListRead'][]
  /** The line that is being read. */
  shown: string | null
  gaps: Record<string, readonly string[]>
  onGaps: (line: string, typed: readonly string[]) => void
  /** Null: whichever is next. */
  onLine: (line: string | null) => void
}

/** One line at a time: where the straightedge lies now, and the gap at each of its places. */
export function FlatLines({ lines, shown, gaps, onGaps, onLine }: FlatLinesProps) {
  const fields = useRef<HTMLDivElement>(null)
  const goesOn = useRef(false)
  // After “next line” the hand is on the keys already: its first gap is waited for.
  useEffect(() => {
    if (goesOn.current) fields.current?.querySelector('input')?.focus()
    goesOn.current = false
  }, [shown])
  const next = () => {
    goesOn.current = true
    onLine(null)
  }
  const line = lines.find((one) => one.id === shown)
  if (!line) return null
  const typed = line.readings.map((_, index) => gaps[line.id]?.[index] ?? '')
  const read = lines.filter((one) => one.isRead).length

  return (
    <div className="border-b border-rule py-1.5">
      <Choice
        label="Straightedge lies"
        hint={`${read} of ${lines.length} lines read`}
        value={line.id}
        options={lines.map((one) => ({ value: one.id, label: `${one.isRead ? '✓ ' : ''}${one.name}` }))}
        onChange={onLine}
      />
      <div ref={fields} className="flex flex-wrap items-start gap-x-5 gap-y-2 pt-2">
        {line.readings.map((gap, index) => (
          <div key={`${line.id} ${index}`} className="min-w-0">
            <p className="text-right text-sm text-soft">{placeOf(line, index)}</p>
            <ReadingField
              bare
              narrow
              label={`Gap ${placeOf(line, index)}, ${line.name}`}
              value={typed[index] ?? ''}
              reading={gap}
              stepMm={0.05}
              onChange={(text) =>
                onGaps(
                  line.id,
                  typed.map((old, at) => (at === index ? text : old)),
                )
              }
            />
          </div>
        ))}
      </div>
      <p className="flex flex-wrap gap-x-5 pt-1">
        <Button
          onClick={() => {
            onGaps(
              line.id,
              line.readings.map(() => '0'),
            )
            next()
          }}
        >
          No light anywhere
        </Button>
        <FromInstrument
          says="Ask the instrument"
          places={line.places.map((place) => along(line, place))}
          onRead={(read) => onGaps(line.id, read)}
        />
        {line.isRead && <Button onClick={next}>Next line</Button>}
      </p>
    </div>
  )
}

/** How far along its line a place lies. */
function along(line: Schemas['ListRead'], place: Schemas['FlatPoint']): number {
  const first = line.places[0] ?? place
  return Math.hypot(place.alongMm - first.alongMm, place.acrossMm - first.acrossMm)
}

/** A place is called by the end it is nearest to; one between is counted. */
function placeOf({ id, readings }: Schemas['ListRead'], index: number): string {
  const [first, last] = id.startsWith('across') ? ['left', 'right'] : ['near', 'far']
  if (index === 0) return first
  if (index === readings.length - 1) return last
  return 2 * index === readings.length - 1 ? 'middle' : String(index + 1)
}
