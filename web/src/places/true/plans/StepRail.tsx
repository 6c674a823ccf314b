import clsx from 'clsx'
import type { Schemas } from '@/api/client'

interface StepRailProps {
  steps: readonly Pick<Schemas['MakingStep'], 'title' | 'minutes' | 'wait'>[]
  /** How many of them are done. */
  done: number
}

/** The steps of a making one after the other, each as long as it takes; what is done is filled, a wait is a gap. */
export function StepRail({ steps, done }: StepRailProps) {
  return (
    <div aria-hidden className="mb-3 flex gap-[3px] text-center text-sm">
      {steps.map((step, index) => (
        <div
          key={step.title}
          style={{ flexGrow: step.minutes, flexBasis: 0 }}
          className={clsx('min-w-4', step.wait && 'mr-5 border-r-2 border-dashed border-amber pr-1')}
        >
          <div
            className={clsx(
              'h-6 overflow-hidden border border-ink leading-6',
              index < done ? 'bg-ink text-on-ink' : 'bg-sheet',
              index === done && 'font-bold',
            )}
          >
            {index < done ? '✓' : index + 1}
          </div>
          <div className="h-4 leading-4 text-red">{index === done && '▲'}</div>
        </div>
      ))}
    </div>
  )
}
