import type { Schemas } from '../../api/client'
import { Button } from '../../parts/Button'
import { How } from '../../parts/How'
import { NextStroke } from '../../parts/NextStroke'

interface TestStrokeProps {
  next: Schemas['SquareNext']
  how: readonly Schemas['How'][]
  /** Writes the test down, and whether it was planed after it; null while there is no result. */
  onRecord: ((planed: boolean) => void) | null
  busy: boolean
}

/** What a reference's test comes to, and the buttons that write it down. */
export function TestStroke({ next, how, onRecord, busy }: TestStrokeProps) {
  return (
    <NextStroke says={next.says} why={next.why}>
      {onRecord && (
        <Button weight="main" keys="Ctrl Enter" disabled={busy} onClick={() => onRecord(next.takeOff)}>
          {next.takeOff ? 'Planed it: test again' : 'Record this test'}
        </Button>
      )}
      {onRecord && next.takeOff && (
        <Button disabled={busy} onClick={() => onRecord(false)}>
          Only record the test
        </Button>
      )}
      <How how={how} />
    </NextStroke>
  )
}
