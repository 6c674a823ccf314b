import type { Schemas } from '@/api/client'
import { TimeLeft } from './TimeLeft'
import { told } from './told'

/** What waits for its glue or its wood, each with its timer. */
export function Rests({ rests }: { rests: readonly Schemas['JobRest'][] }) {
  if (rests.length === 0) return null
  return (
    <ul aria-label="Waiting" className="mt-3">
      {rests.map((rest) => (
        <li key={rest.says} className="flex items-baseline justify-between gap-3 border-t border-rule py-1.5">
          <span className="min-w-0">{told(rest.says)}</span>
          <TimeLeft until={rest.until} />
        </li>
      ))}
    </ul>
  )
}
