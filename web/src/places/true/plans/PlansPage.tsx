import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { plans } from '@/api/queries'
import { SmallView } from '@/drawings/PlanDrawing'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { TrueNav } from '@/places/true/TrueNav'
import { hours } from './hours'
import { told } from '@/parts/told'

/** Smaller on a phone, where its words need the width. */
const FACE =
  'shrink-0 self-start border border-rule bg-sheet p-1 max-md:[&_svg]:h-[3.4rem] max-md:[&_svg]:w-[4.5rem]'

/** What can be made, and what is being made. */
export function PlansPage() {
  const { data, error } = useQuery(plans())
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading
        title="Plans"
        says="Choose a size: cutting list, drawing, template and steps follow from it."
      />
      <TrueNav />
      <Makings makings={data.makings} />
      <ul className="grid gap-x-8 md:grid-cols-2">
        {data.plans.map((plan) => (
          <li key={plan.value} className="border-t border-rule">
            <Link to={`/true/plans/${plan.value}`} className="flex gap-5 py-3 hover:bg-wood">
              <span className={FACE}>
                <SmallView view={plan.face} width={112} height={84} />
              </span>
              <span>
                <strong className="block text-lg underline decoration-rule underline-offset-4">
                  {plan.label}
                </strong>
                <span className="block text-soft">{told(plan.says)}</span>
                <span className="block text-sm">
                  {hours(plan.minutes)} at the bench, over{' '}
                  {plan.days < 1 ? 'one day' : `${plan.days + 1} days`}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}

function Makings({ makings }: { makings: readonly Schemas['ListedMaking'][] }) {
  if (makings.length === 0) return null
  return (
    <section className="mb-6 max-w-3xl" aria-label="Being made">
      <h2 className="text-lg">Being made</h2>
      <ul>
        {makings.map((one) => (
          <li key={one.id} className="border-t border-rule py-1.5">
            <Link to={`/true/plans/makings/${one.id}`} className="font-bold underline underline-offset-4">
              {one.name}
            </Link>{' '}
            <span className={one.isWaiting ? 'text-amber' : 'text-soft'}>
              {one.isMade ? '✓ ' : ''}
              {told(one.says)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
