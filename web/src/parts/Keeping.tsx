import { Refused } from '@/api/client'
import { Button } from './Button'

interface KeepingProps {
  /** Null while there is nothing sound to keep. */
  onKeep: (() => void) | null
  onDrop: () => void
  busy: boolean
  /** Where another button is the next stroke. */
  quiet?: boolean
}

/** What was changed and is not kept yet: keep it, or leave the record as it was. */
export function Keeping({ onKeep, onDrop, busy, quiet = false }: KeepingProps) {
  return (
    <>
      <Button
        writes
        weight={quiet ? 'quiet' : 'main'}
        keys="Ctrl Enter"
        disabled={!onKeep || busy}
        onClick={() => onKeep?.()}
      >
        Save
      </Button>
      <Button onClick={onDrop}>Leave it as it was</Button>
    </>
  )
}

interface ComplaintProps {
  problem: Error | null
  /** Fields beside which it is said already. */
  besides: readonly string[]
}

/** What was refused, where no field says it. */
export function Complaint({ problem, besides }: ComplaintProps) {
  if (!problem) return null
  if (problem instanceof Refused && besides.some((field) => problem.about(field))) return null
  return (
    <p role="alert" className="mt-2 font-bold text-red">
      {problem.message}
    </p>
  )
}
