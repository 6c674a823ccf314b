import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

/** What other schools would do with the same edge, side by side, and what it costs in time. */
export function OtherSchools({ schools }: { schools: readonly Schemas['PlanOfSchool'][] }) {
  if (schools.length === 0) return null
  const longest = Math.max(...schools.map((school) => school.seconds ?? 0), 1)
  return (
    <section className="mt-5">
      <h2 className="mb-1 text-lg">What another school would do</h2>
      <ul>
        {schools.map((school) => (
          <li key={school.name} className="border-t border-rule py-1.5">
            <p className="flex items-baseline justify-between gap-3">
              <strong>{school.name}</strong>
              <span className="shrink-0 font-slab text-lg font-semibold">{school.minutes ?? '–'}</span>
            </p>
            <p className="text-sm text-soft">{told(school.says)}</p>
            {school.seconds !== null && (
              <svg
                aria-hidden
                viewBox="0 0 100 1"
                preserveAspectRatio="none"
                className="mt-1 block h-1 w-full"
              >
                <rect width={(school.seconds / longest) * 100} height={1} className="fill-ink" />
              </svg>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
