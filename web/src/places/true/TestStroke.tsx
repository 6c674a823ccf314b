import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { How } from '@/parts/How'
import { NextStroke } from '@/parts/NextStroke'

interface TestStrokeProps {
  next: Schemas['ReferenceNext']
  how: readonly Schemas['Explanation'][]
  /** Writes the test down, and whether it was corrected after it; null while there is no result. */
  onRecord: ((planed: boolean) => void) | null
  /** What is done in bench mode. */
  work?: Schemas['TestPreview']['work']
  /** Takes the strokes to the bench, where they are counted; left out where there are none to count. */
  onBench?: (() => void) | null
  /** Whether it can be said that it was corrected already. */
  canSayDone?: boolean
  busy: boolean
}

/** What a reference's test comes to, and the buttons that write it down. */
export function TestStroke({ next, how, onRecord, work, onBench, canSayDone = true, busy }: TestStrokeProps) {
  return (
    <NextStroke says={next.says} why={next.why}>
      {onRecord && next.takeOff && onBench && (
        <Button writes weight="main" keys="Ctrl Enter" disabled={busy} onClick={onBench}>
          {work === 'rub' ? 'Rub it in bench mode' : 'Plane it in bench mode'}
        </Button>
      )}
      {onRecord && (!next.takeOff || !onBench) && (
        <Button
          writes
          weight="main"
          keys="Ctrl Enter"
          disabled={busy}
          onClick={() => onRecord(next.takeOff && canSayDone)}
        >
          {next.takeOff && canSayDone ? 'Done: test again' : 'Record this test'}
        </Button>
      )}
      {onRecord && next.takeOff && onBench && canSayDone && (
        <Button writes disabled={busy} onClick={() => onRecord(true)}>
          {work === 'rub' ? 'Rubbed it already' : 'Planed it already'}
        </Button>
      )}
      {onRecord && next.takeOff && (onBench ?? canSayDone) && (
        <Button writes disabled={busy} onClick={() => onRecord(false)}>
          Only record the test
        </Button>
      )}
      <How how={how} />
    </NextStroke>
  )
}
