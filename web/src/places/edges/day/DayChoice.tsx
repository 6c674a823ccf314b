import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface DayChoiceProps {
  edges: readonly Schemas['DayEdge'][]
  onChoose: (edges: number[]) => void
}

/** The edges that join the day; those that are due are taken from the start. */
export function DayChoice({ edges, onChoose }: DayChoiceProps) {
  const chosen = edges.filter((edge) => edge.chosen).map((edge) => edge.id)
  const turn = (id: number) =>
    onChoose(chosen.includes(id) ? chosen.filter((other) => other !== id) : [...chosen, id])
  return (
    <fieldset className="mt-5">
      <legend className="mb-1 font-slab text-lg font-semibold">Edges of the day</legend>
      {edges.length === 0 && <p className="text-soft">There is no edge yet: hang up a chisel or a plane.</p>}
      {edges.map((edge) => (
        <label
          key={edge.id}
          className="flex cursor-pointer items-baseline gap-3 border-t border-rule py-1.5 hover:bg-wood"
        >
          <input
            type="checkbox"
            className="accent-ink"
            checked={edge.chosen}
            onChange={() => turn(edge.id)}
          />
          <span className="grow">{edge.name}</span>
          <span className={`text-sm ${edge.left ? 'font-bold text-red' : edge.due ? '' : 'text-soft'}`}>
            {told(edge.says)}
          </span>
        </label>
      ))}
    </fieldset>
  )
}
