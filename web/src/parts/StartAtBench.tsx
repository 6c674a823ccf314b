import { Button } from './Button'
import { MainLink } from './MainLink'

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
    <MainLink to={`/sessions/${running}`}>Go on at the bench</MainLink>
  ) : (
    <Button writes weight="main" disabled={!onStart || busy} onClick={() => onStart?.()}>
      Start at the bench
    </Button>
  )
}
