import { memo } from 'react'
import clsx from 'clsx'
import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'
import { StepRail } from './StepRail'

interface StepsProps {
  steps: readonly Schemas['MakingStep'][]
  /** How many of them are done. */
  done: number
  isBegun?: boolean
}

/** What is done, one after the other, with the check after each. */
export const Steps = memo(function Steps({ steps, done, isBegun = false }: StepsProps) {
  return (
    <section className="mt-5" aria-label="Steps">
      <h2 className="mb-2 text-lg">Step by step</h2>
      {isBegun && <StepRail steps={steps} done={done} />}
      <ol>
        {steps.map((step, index) => (
          <li
            key={step.title}
            className={clsx('border-t border-rule py-2', index < done && 'text-soft')}
            aria-current={index === done && done > 0 ? 'step' : undefined}
          >
            <p className="flex flex-wrap justify-between gap-x-4">
              <strong>
                {index < done ? '✓ ' : `${index + 1}. `}
                {step.title}
              </strong>
              <span className="text-sm">{step.minutes} min</span>
            </p>
            {index >= done && (
              <>
                <p>{told(step.says)}</p>
                <p className="text-sm">
                  <strong>Look:</strong> {step.check}
                </p>
                <p className="text-sm text-soft">With: {step.tools}</p>
              </>
            )}
            {step.wait && <p className="text-sm text-amber">{step.wait}</p>}
          </li>
        ))}
      </ol>
    </section>
  )
})
