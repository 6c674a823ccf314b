import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

/** The steps in their order: what is in the hand, how many teeth, when it is done. */
export function FilingPlan({ steps }: { steps: readonly Schemas['FilingStep'][] }) {
  if (steps.length === 0) return null
  return (
    <section>
      <h2 className="mb-1 text-lg">The plan</h2>
      <ol>
        {steps.map((step, index) => (
          <li key={index} className="flex gap-3 border-t border-rule py-1.5">
            <span className="w-6 shrink-0 text-right font-slab font-semibold">{index + 1}</span>
            <span className="min-w-0 grow">
              <span className="font-bold">{step.tool}</span> {told(step.says)}
              <span className="block text-sm text-soft">{step.see}</span>
            </span>
            <span className="shrink-0 text-right text-sm">
              {step.count}
              <span className="block text-soft">{step.minutes}</span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
