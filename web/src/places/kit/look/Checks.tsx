import { useQuery } from '@tanstack/react-query'
import { stallKind } from '@/api/queries'
import { Sign } from '@/drawings/signs/Sign'
import { STALL_SIGNS } from '@/drawings/signs/stallSigns'

/** What is looked at, in the order it can be done at a stall: to be read on the way there. */
export function Checks({ kind }: { kind: string }) {
  const { data } = useQuery(stallKind(kind))
  if (!data) return null
  return (
    <section aria-label="What to look at" data-answer>
      <h2 className="text-lg">What to look at on a {data.name}</h2>
      <p className="text-sm text-soft">
        In this order. A good one is worth {data.good} (invented); each thing to mend comes off that.
      </p>
      <ol className="mt-2">
        {data.checks.map((check, index) => (
          <li key={check.id} className="flex items-start gap-4 border-t border-rule py-2">
            <span className="w-5 shrink-0 font-slab font-semibold">{index + 1}</span>
            <Sign shapes={STALL_SIGNS[check.sign]} />
            <span className="min-w-0">
              <strong className="block">{check.asks}</strong>
              <span className="block text-sm text-soft">Sound: {check.see}</span>
              {check.walkAway && <span className="block text-sm text-red">Leave it: {check.walkAway}</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
