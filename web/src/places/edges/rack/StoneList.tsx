import type { Schemas } from '@/api/client'
import { answered, client } from '@/api/client'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'

interface StoneListProps {
  stones: readonly Schemas['Stone'][]
  onEdit: (id: number) => void
}

/** Each piece with its wear and flatness, coarse first; one tap flattens it or begins a new one. */
export function StoneList({ stones, onEdit }: StoneListProps) {
  const flatten = useChange((stone: Schemas['Stone']) =>
    answered(
      client.POST('/api/stones/{stone}/flattened', {
        params: { path: { stone: stone.id } },
        body: { version: stone.version },
      }),
    ),
  )
  const renew = useChange((stone: Schemas['Stone']) =>
    answered(
      client.POST('/api/stones/{stone}/renewed', {
        params: { path: { stone: stone.id } },
        body: { version: stone.version },
      }),
    ),
  )
  const problem = flatten.error ?? renew.error
  const busy = flatten.isPending || renew.isPending
  if (stones.length === 0)
    return <p className="text-soft">The pieces of your rack are listed here, coarse first.</p>

  return (
    <section>
      <h2 className="mb-1 text-lg">Piece by piece</h2>
      {problem && (
        <p role="alert" className="font-bold text-red">
          {problem.message}
        </p>
      )}
      <ul>
        {stones.map((stone) => (
          <li key={stone.id} className="border-t border-rule py-2">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <strong>{stone.name}</strong>
              <span className="text-soft">
                {stone.particleUm} µm, {stone.mediumLabel}
              </span>
              <span className="ml-auto flex gap-4 text-sm">
                {stone.flattens && (
                  <Button
                    writes
                    disabled={busy}
                    aria-label={`flattened it: ${stone.name}`}
                    onClick={() => flatten.mutate(stone)}
                  >
                    flattened it
                  </Button>
                )}
                <Button
                  writes
                  disabled={busy}
                  aria-label={`a new one: ${stone.name}`}
                  onClick={() => renew.mutate(stone)}
                >
                  a new one
                </Button>
                <Button writes aria-label={`change: ${stone.name}`} onClick={() => onEdit(stone.id)}>
                  change
                </Button>
              </span>
            </p>
            <p className="text-sm text-soft">
              {[stone.wornSays, ...(stone.flattens ? [stone.flatSays] : [])].join('; ')}
              {stone.perEdge && `; € ${stone.perEdge} an edge`}
            </p>
            {stone.due && <p className="text-sm font-bold text-red">{stone.due}</p>}
            {stone.own && <p className="text-sm">{stone.own}</p>}
          </li>
        ))}
      </ul>
    </section>
  )
}
