import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { told } from '@/parts/told'

interface ToolChoiceProps {
  groups: readonly Schemas['ToolGroup'][]
  tools: readonly Schemas['ToolToHang'][]
  chosen: ReadonlySet<number>
  /** Chosen, but not on the panel. */
  left: readonly Schemas['LeftTool'][]
  onChoose: (ids: readonly number[], isIn: boolean) => void
}

/** Which tools shall hang here, kind by kind; beside those that do not fit, why. */
export function ToolChoice({ groups, tools, chosen, left, onChoose }: ToolChoiceProps) {
  const why = new Map(left.map((row) => [row.id, row.says]))
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">The tools</h2>
      {tools.length === 0 && (
        <p className="text-soft">Hang up in the kit what you own; it can be chosen here.</p>
      )}
      {left.length > 0 && (
        <ul className="mb-2 border-y border-rule py-1">
          {left.map((row) => (
            <li key={row.id} className="py-0.5">
              <span className="font-bold">{row.name}</span> <span className="text-red">{told(row.says)}</span>
            </li>
          ))}
        </ul>
      )}
      {groups.map((group) => (
        <OfKind
          key={group.id}
          label={group.label}
          tools={tools.filter((tool) => tool.group === group.id)}
          chosen={chosen}
          why={why}
          onChoose={onChoose}
        />
      ))}
    </section>
  )
}

interface OfKindProps {
  label: string
  tools: readonly Schemas['ToolToHang'][]
  chosen: ReadonlySet<number>
  why: ReadonlyMap<number, string>
  onChoose: (ids: readonly number[], isIn: boolean) => void
}

function OfKind({ label, tools, chosen, why, onChoose }: OfKindProps) {
  if (tools.length === 0) return null
  const ids = tools.map((tool) => tool.id)
  const count = ids.filter((id) => chosen.has(id)).length
  return (
    <details className="border-b border-rule">
      <summary className="min-h-9 cursor-pointer py-1.5">
        {label}{' '}
        <span className="text-soft">
          {count} of {tools.length}
        </span>
      </summary>
      <p className="flex gap-5 pl-5 text-sm">
        <Button onClick={() => onChoose(ids, true)} aria-label={`All of ${label}`}>
          all
        </Button>
        <Button onClick={() => onChoose(ids, false)} aria-label={`None of ${label}`}>
          none
        </Button>
      </p>
      <ul className="pb-2 pl-5">
        {tools.map((tool) => (
          <li key={tool.id}>
            <label className="flex min-h-9 items-baseline gap-2">
              <input
                type="checkbox"
                className="accent-ink"
                checked={chosen.has(tool.id)}
                onChange={(event) => onChoose([tool.id], event.target.checked)}
              />
              <span>
                {tool.name}
                {why.has(tool.id) && <span className="block text-sm text-red">does not fit</span>}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </details>
  )
}
