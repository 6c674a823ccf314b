import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { asDay } from '@/parts/dates'
import { WorkSign } from '@/parts/WorkSign'

interface WorkStatesProps {
  works: readonly Schemas['Work'][]
  /** What the plan for all of them comes to. */
  sentence: string
}

/** The works that are chosen, each with whether it can be made. */
export function WorkStates({ works, sentence }: WorkStatesProps) {
  const chosen = works.filter((work) => work.chosen)
  if (chosen.length === 0) return null

  return (
    <section className="mt-5">
      <h2 className="text-lg">The works</h2>
      <ul>
        {chosen.map((work) => (
          <li key={work.id} className="border-t border-rule">
            <Link to={`/work/works/${work.id}`} className="flex items-baseline gap-3 py-1.5 hover:bg-wood">
              <WorkSign state={work.state} />
              <span className="grow font-bold underline decoration-rule underline-offset-4">{work.name}</span>
              <span className="text-sm text-soft">
                {work.missing === 0 ? 'can be made' : (work.well ?? `${work.missing} missing`)}
                {work.due && `, by ${asDay(work.due)}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">
        {sentence}{' '}
        <Link to="/kit/ladder" className="underline underline-offset-4">
          See the ladder
        </Link>
      </p>
    </section>
  )
}
