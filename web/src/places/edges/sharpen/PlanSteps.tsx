import type { Schemas } from '@/api/client'
import { SignDrawing } from '@/drawings/signs/SignDrawing'

/** The stones in order: strokes, minutes, what each should show; then why the others stay in the rack. */
export function PlanSteps({ plan }: { plan: Schemas['EdgePlan'] }) {
  if (plan.steps.length === 0) return null
  const lastHoned = plan.steps.findLastIndex((step) => step.kind === 'hone')

  return (
    <section className="mt-5" aria-label="The plan">
      {plan.warning && <p className="mb-2 border-l-4 border-amber pl-3 text-amber">{plan.warning}</p>}
      <ol>
        {plan.steps.map((step, index) => (
          <li key={step.stone} className="border-t border-rule py-2">
            <p className="flex items-baseline justify-between gap-3">
              <strong>{step.stone}</strong>
              <span className="shrink-0">
                {step.strokes > 0 && (
                  <>
                    <span className="font-slab text-xl font-semibold">{step.strokes}</span> strokes
                  </>
                )}
                <span className="ml-2 text-sm text-soft">{step.minutes}</span>
              </span>
            </p>
            <div className="mt-1 flex items-center gap-3">
              {step.kind === 'hone' && <SignDrawing sign={index === lastHoned ? 'scratches' : 'burr'} />}
              <p className="text-sm text-soft">{step.see}</p>
            </div>
          </li>
        ))}
      </ol>
      <ul className="border-t border-rule pt-2 text-sm text-soft">
        {plan.skipped.map((why) => (
          <li key={why}>{why}</li>
        ))}
      </ul>
      <p className="mt-3 border-l-4 border-red pl-3 text-sm">{plan.caution}</p>
      {plan.grindingCaution && (
        <p className="mt-3 border-l-4 border-red pl-3 text-sm">{plan.grindingCaution}</p>
      )}
    </section>
  )
}
