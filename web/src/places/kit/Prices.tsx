import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { kit } from '@/api/queries'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'
import { differs, useUnderstood } from '@/parts/useUnderstood'

/** The user's own prices of what is on the list; changing one asks for the plan anew. */
export function Prices({ tools }: { tools: readonly Schemas['WantedTool'][] }) {
  if (tools.length === 0) return null

  return (
    <section className="mt-5">
      <h2 className="text-lg">Your prices</h2>
      <p className="text-sm text-soft">The demo’s are invented. Change one, and the plan follows.</p>
      {tools.map((tool) => (
        <Price key={tool.id} tool={tool} />
      ))}
    </section>
  )
}

function Price({ tool }: { tool: Schemas['WantedTool'] }) {
  // What is being typed, with the version it was typed on; null while the field follows the record.
  const [draft, setDraft] = useState<{ typed: string; version: number } | null>(null)
  const understood = useUnderstood('money', draft?.typed ?? '')
  const queries = useQueryClient()
  const save = useChange(
    (body: { price: string; version: number }) =>
      answered(client.PUT('/api/tools/{tool}/price', { params: { path: { tool: tool.id } }, body })),
    (state) => {
      queries.setQueryData(kit().queryKey, state)
      setDraft(null)
    },
  )
  const overtaken = draft !== null && draft.version !== tool.version
  const problem =
    save.error instanceof Refused && !save.error.changedElsewhere
      ? (save.error.about('price') ?? save.error.message)
      : (understood?.error ?? null)
  const commit = (version: number) => {
    if (draft && draft.typed !== String(tool.price ?? '')) save.mutate({ price: draft.typed, version })
    else setDraft(null)
  }

  return (
    <div className="border-t border-rule py-1">
      <label className="flex items-baseline justify-between gap-3">
        <span>{tool.name}</span>
        <span className="shrink-0">
          {draft && understood?.understood && differs(draft.typed) && (
            <span className="mr-2 text-xs text-soft">{understood.understood}</span>
          )}
          €{' '}
          <input
            value={draft?.typed ?? String(tool.price ?? '')}
            inputMode="decimal"
            autoComplete="off"
            aria-label={`Price of the ${tool.name}`}
            aria-invalid={problem !== null}
            onChange={(event) =>
              setDraft({ typed: event.target.value, version: draft?.version ?? tool.version })
            }
            onBlur={() => !overtaken && commit(draft?.version ?? tool.version)}
            onKeyDown={(event) =>
              event.key === 'Enter' && !overtaken && commit(draft?.version ?? tool.version)
            }
            className="w-20 border-b-2 border-ink bg-transparent px-1 text-right font-slab text-lg font-semibold focus:border-blue focus:bg-blue-wash focus:outline-none aria-invalid:border-red"
          />
        </span>
      </label>
      {problem && (
        <p role="alert" className="text-sm font-bold text-red">
          {problem}
        </p>
      )}
      {overtaken && (
        <p role="alert" className="text-sm text-red">
          Another window made it € {tool.price} meanwhile.{' '}
          <Button writes className="text-ink" onClick={() => commit(tool.version)}>
            Use {draft.typed}
          </Button>{' '}
          <Button className="text-ink" onClick={() => setDraft(null)}>
            Keep {tool.price}
          </Button>
        </p>
      )}
    </div>
  )
}
