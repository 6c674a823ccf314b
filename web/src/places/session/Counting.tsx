import type { Schemas } from '@/api/client'
import { groups } from './walk'
import { isCounted } from './words'

/** Several at once, for who counts in the head or goes by groups of teeth. */
export function Together({ left, onTap }: { left: number; onTap: (by: number) => void }) {
  return groups(left).map((by) => (
    <button
      key={by}
      type="button"
      aria-label={by === left ? `All ${left} that are left` : `${by} at once`}
      onClick={(event) => {
        event.stopPropagation()
        onTap(by)
      }}
      className={
        'basis-16 border-2 border-ink px-1 font-slab text-xl leading-tight font-semibold ' +
        'md:basis-24 md:text-2xl'
      }
    >
      {by === left ? `All ${left}` : `+${by}`}
    </button>
  ))
}

interface StrokesProps {
  phase: Schemas['Session']['phase']
  count: number
  step: Schemas['SessionStep']
}

/** How many there will be, then how many were done. */
export function Strokes({ phase, count, step }: StrokesProps) {
  if (phase === 'fetch')
    return (
      <p className="shrink-0 font-slab text-[clamp(3rem,min(10vw,15vh),9rem)] leading-none font-semibold">
        {step.count} {step.of}
      </p>
    )
  return (
    <p
      className="shrink-0 font-slab text-[clamp(5rem,min(20vw,28vh),17rem)] leading-none font-semibold"
      data-testid="count"
      aria-live="off"
    >
      {count}
      <span className="text-[0.3em] text-soft"> of {step.count}</span>
    </p>
  )
}

/** What it looks like is not what it should: back to it, with the strokes so far kept. */
export function NotYet({ step, onBack }: { step: Schemas['SessionStep']; onBack: () => void }) {
  const says = isCounted(step) ? 'Not yet: more strokes' : 'Not yet: go on with it'
  return (
    <button
      type="button"
      aria-label={says}
      onClick={(event) => {
        event.stopPropagation()
        onBack()
      }}
      className="grow basis-0 border-2 border-ink px-3 font-slab text-xl leading-tight font-semibold md:text-2xl"
    >
      {says}
    </button>
  )
}

/** A few more or less than were counted. */
export function Adjust({ onAdjust }: { onAdjust: (by: number) => void }) {
  return (
    <div className="flex gap-4" onClick={(event) => event.stopPropagation()}>
      {[-5, -1, 1, 5].map((by) => (
        <button
          key={by}
          type="button"
          onClick={() => onAdjust(by)}
          className="min-h-16 min-w-16 border-2 border-ink text-2xl"
          aria-label={`${by > 0 ? 'add' : 'take off'} ${Math.abs(by)}`}
        >
          {by > 0 ? `+${by}` : `−${-by}`}
        </button>
      ))}
    </div>
  )
}
