import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { WoodOfReference } from './WoodOfReference'
import { pageOf } from '@/shell/pages'
import { told } from '@/parts/told'

/** Each reference: what is claimed of it and from which reading, or why nothing is. */
export function Forecasts({ data }: { data: Schemas['Season'] }) {
  return (
    <section className="mt-6" aria-label="The references">
      <h2 className="mb-1 text-lg">The references</h2>
      {data.forecasts.length === 0 && (
        <p className="text-soft">
          Squares and straightedges belong here; they come with the tools you hang up.
        </p>
      )}
      <ul>
        {data.forecasts.map((one) => (
          <li key={one.id} className="border-t border-rule py-2">
            <Link
              to={pageOf({ kind: 'reference', id: one.id })}
              className="font-bold underline underline-offset-4"
            >
              {one.name}
            </Link>
            <p className={one.isClaim ? 'font-bold text-red' : one.chance === null ? 'text-soft' : undefined}>
              {one.isClaim ? '○ ' : one.chance === null ? '' : '✓ '}
              {told(one.says)}
              {one.chance !== null && (
                <span className="font-normal text-soft">
                  {' '}
                  Chance that it is outside: {chance(one.chance)}.
                </span>
              )}
            </p>
            {one.why && <p className="text-sm text-soft">{told(one.why)}</p>}
            {one.isMoved && <WoodOfReference of={one} species={data.species} />}
          </li>
        ))}
      </ul>
      {data.count > 0 && (
        <p className="border-t border-rule pt-2">
          <strong>How often this was right:</strong> {data.score}
        </p>
      )}
    </section>
  )
}

const chance = (share: number) => (share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`)
