import { memo } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface CuttingListProps {
  parts: readonly Schemas['PlanPart'][]
  blanks: readonly Schemas['Word'][]
  onChoose: (part: string, blank: string) => void
}

/** Each part finished and rough, and the blank on the shelf it comes from. */
export const CuttingList = memo(function CuttingList({ parts, blanks, onChoose }: CuttingListProps) {
  return (
    <section className="mt-5" aria-label="Cutting list">
      <h2 className="text-lg">Cutting list</h2>
      <ul>
        {parts.map((part) => (
          <li key={part.key} className="border-t border-rule py-2">
            <p className="flex flex-wrap justify-between gap-x-4">
              <strong>
                {part.count > 1 ? `${part.count} ` : ''}
                {part.name}
              </strong>
              <span>{told(part.size)}</span>
            </p>
            <p className="flex flex-wrap justify-between gap-x-4 text-sm text-soft">
              <span>{part.wood}</span>
              <span>sawn out {told(part.rough)}</span>
            </p>
            <label className="mt-1 flex flex-wrap items-baseline gap-x-2 text-sm">
              from
              <select
                aria-label={`Blank for the ${part.name}`}
                value={part.isChosen ? String(part.from?.id ?? '') : ''}
                onChange={(event) => onChoose(part.key, event.target.value)}
                className="min-h-8 max-w-64 border border-rule bg-sheet px-1"
              >
                <option value="">
                  {part.isChosen
                    ? 'the best on the shelf'
                    : part.from
                      ? `${part.from.name}, the best on the shelf`
                      : 'none on the shelf will do'}
                </option>
                {blanks.map((blank) => (
                  <option key={blank.value} value={blank.value}>
                    {blank.label}
                  </option>
                ))}
              </select>
              {part.wrong ? (
                <strong role="alert" className="text-red">
                  {part.wrong}
                </strong>
              ) : (
                part.from &&
                part.from.fitness !== 'good' && <span className="text-amber">{told(part.from.says)}</span>
              )}
            </label>
          </li>
        ))}
      </ul>
      <p className="border-t border-rule pt-1 text-sm text-soft">
        Rough sizes leave room to trim both ends and plane all sides. The blanks lie on{' '}
        <Link to="/true/blanks" className="underline underline-offset-4">
          the shelf
        </Link>
        .
      </p>
    </section>
  )
})
