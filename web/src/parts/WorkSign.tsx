import clsx from 'clsx'
import type { Schemas } from '@/api/client'

const signs = { now: '✓', roughly: '≈', planned: '○', locked: '×', impossible: '×' } as const
const words = {
  now: 'can be done now',
  roughly: 'can be done, not as well as asked',
  planned: 'possible with the plan',
  locked: 'not yet possible',
  impossible: 'no way yet',
} as const

/** Whether something can be done: told by a sign and a word, not by colour. */
export function WorkSign({ state }: { state: Schemas['Work']['state'] | Schemas['Task']['state'] }) {
  return (
    <span
      role="img"
      aria-label={words[state]}
      className={clsx(
        'w-4 shrink-0',
        state === 'now' || state === 'roughly' ? 'text-ink' : 'font-bold text-red',
      )}
    >
      {signs[state]}
    </span>
  )
}
