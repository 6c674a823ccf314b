import { Link } from 'react-router'
import { Button } from './Button'

interface StartAtBenchProps {
  /** The session that runs already, if one does. */
  running: number | null
  /** Null while there is nothing to start. */
  onStart: (() => void) | null
  busy: boolean
}

/** Into bench mode: on with what runs, or a new start. */
export function StartAtBench({ running, onStart, busy }: StartAtBenchProps) {
  return running !== null ? (
    <Link
      to={`/sessions/${running}`}
      className="flex min-h-11 items-center bg-ink px-4 font-bold text-on-ink"
    >
      Go on at the bench
    </Link>
  ) : (
    <Button weight="main" disabled={!onStart || busy} onClick={() => onStart?.()}>
      Start at the bench
    </Button>
  )
}
