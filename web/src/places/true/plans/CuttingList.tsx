import { memo } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface CuttingListProps {
  parts: readonly Schemas['PlanPart'][]
  needs: Schemas['PlanNeeds']
  /** The blank that the user wants each part from, where one is wanted. */
  chosen: Readonly<Record<string, string>>
  onChoose: (part: string, blank: string) => void
}

/** Each part finished and rough, and the blank on the shelf it comes from. */
export const CuttingList = memo(function CuttingList({ parts, needs, chosen, onChoose }: CuttingListProps) {
  const woodFor = new Map(needs.wood.map((wood) => [wood.key, wood]))
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
            <PartWood
              part={part}
              wood={woodFor.get(part.key)}
              blanks={needs.blanks}
              chosen={chosen[part.key] ?? ''}
              onChoose={onChoose}
            />
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

interface PartWoodProps extends Pick<CuttingListProps, 'onChoose'> {
  part: Schemas['PlanPart']
  wood: Schemas['PartWood'] | undefined
  blanks: readonly Schemas['Word'][]
  chosen: string
}

/** The blank that one part is cut from, to be chosen otherwise. */
function PartWood({ part, wood, blanks, chosen, onChoose }: PartWoodProps) {
  const best = wood && !wood.isChosen ? wood.from : null
  return (
    <label className="mt-1 flex flex-wrap items-baseline gap-x-2 text-sm">
      from
      <select
        aria-label={`Blank for the ${part.name}`}
        value={chosen}
        onChange={(event) => onChoose(part.key, event.target.value)}
        className="min-h-8 max-w-64 border border-rule bg-sheet px-1"
      >
        <option value="">
          {best
            ? `${best.name}, the best on the shelf`
            : wood?.isChosen
              ? 'the best on the shelf'
              : 'none on the shelf will do'}
        </option>
        {blanks.map((blank) => (
          <option key={blank.value} value={blank.value}>
            {blank.label}
          </option>
        ))}
      </select>
      {wood?.wrong ? (
        <strong role="alert" className="text-red">
          {wood.wrong}
        </strong>
      ) : (
        wood?.from &&
        wood.from.fitness !== 'good' && <span className="text-amber">{told(wood.from.says)}</span>
      )}
    </label>
  )
}
