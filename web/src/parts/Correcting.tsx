import { Button } from './Button'
import { asDate } from './dates'
import type { Correction } from './useCorrection'

/** Says that what is recorded now takes the place of an earlier entry. */
export function Correcting({ correction }: { correction: Correction<unknown> | null }) {
  if (!correction) return null
  return (
    <div role="status" className="my-3 border-l-4 border-amber bg-sheet py-2 pr-2 pl-3">
      <p>
        You are correcting the entry of {asDate(correction.on)}: {correction.says} The old one is kept, struck
        through.
      </p>
      <p className="mt-1 text-sm">
        <Button onClick={correction.end}>Leave it as it is</Button>
      </p>
    </div>
  )
}
