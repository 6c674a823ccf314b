import type { Told } from '@/api/client'
import { Button } from '@/parts/Button'

interface HowFarProps {
  told: Told | null
  /** Null where it cannot be stopped any more. */
  onStop: (() => void) | null
}

/** Long work under way: how far it is, and a way to stop it. */
export function HowFar({ told, onStop }: HowFarProps) {
  return (
    <p className="mt-2 flex items-center gap-4" role="status">
      <progress
        className="h-3 min-w-0 grow border border-ink accent-ink"
        aria-label="How far it is"
        max={told?.of ?? 1}
        {...(told && { value: told.done })}
      />
      <span className="text-sm">{told ? `${told.done} of ${told.of} lines` : 'Reading …'}</span>
      {onStop && <Button onClick={onStop}>Stop</Button>}
    </p>
  )
}
