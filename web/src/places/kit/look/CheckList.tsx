import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface CheckListProps {
  checks: readonly Schemas['LookCheck'][]
  shown: string | null
  /** Null: it is settled, nothing can be changed. */
  onChoose: ((check: string) => void) | null
}

const SIGNS = { sound: '✓', mend: '○', 'walk-away': '✕' } as const

/** Every check with what it came to; a tap goes back to it. */
export function CheckList({ checks, shown, onChoose }: CheckListProps) {
  return (
    <section>
      <h2 className="text-lg">All checks</h2>
      <ol>
        {checks.map((check, index) => (
          <li key={check.id} className="border-t border-rule">
            <Line check={check} place={index + 1} isShown={check.id === shown} onChoose={onChoose} />
          </li>
        ))}
      </ol>
    </section>
  )
}

interface LineProps {
  check: Schemas['LookCheck']
  place: number
  isShown: boolean
  onChoose: ((check: string) => void) | null
}

function Line({ check, place, isShown, onChoose }: LineProps) {
  const says = (
    <>
      <span className="w-6 shrink-0 font-slab font-semibold">
        {check.outcome ? SIGNS[check.outcome] : place}
      </span>
      <span className="min-w-0 text-left">
        <span className={isShown ? 'block font-bold' : 'block'}>{check.asks}</span>
        {check.outcome && check.says && (
          <span
            className={check.outcome === 'walk-away' ? 'block text-sm text-red' : 'block text-sm text-soft'}
          >
            {told(check.says)}
          </span>
        )}
      </span>
    </>
  )
  return onChoose ? (
    <button
      type="button"
      data-read
      onClick={() => onChoose(check.id)}
      className="flex w-full items-baseline gap-2 py-2 hover:bg-wood"
    >
      {says}
    </button>
  ) : (
    <span className="flex items-baseline gap-2 py-2">{says}</span>
  )
}
