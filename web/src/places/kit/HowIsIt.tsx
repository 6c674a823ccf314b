import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { kit } from '@/api/queries'
import { Button } from '@/parts/Button'
import { capital } from '@/parts/capital'
import { useChange } from '@/parts/useChange'

type Found = Schemas['ToolConditionRequest']['condition']

/** A tool that came in is asked how it is: one tap, one tool at a time, the latest first. */
export function AskLatest() {
  const data = useQuery(kit()).data
  const tool = data?.unlooked[0]
  if (!data || !tool) return null
  return <HowIsIt key={tool.id} tool={tool} found={null} conditions={data.conditions} />
}

interface HowIsItProps {
  tool: Schemas['UnlookedTool']
  found: Found | null
  conditions: readonly Schemas['Word'][]
}

/** What a tool was found to be says how its edges are that nobody has looked at. */
export function HowIsIt({ tool, found, conditions }: HowIsItProps) {
  const tell = useChange((condition: Found) =>
    answered(
      client.PUT('/api/tools/{tool}/condition', {
        params: { path: { tool: tool.id } },
        body: { version: tool.version, condition },
      }),
    ),
  )
  return (
    <section className="mt-4 border-t border-rule pt-2" aria-label={`How is the ${tool.name}?`}>
      <h2 className="text-lg">How is the {tool.name}?</h2>
      <p className="flex flex-wrap gap-x-5">
        {conditions.map((row) => (
          <Button
            writes
            key={row.value}
            disabled={tell.isPending}
            aria-pressed={row.value === found}
            onClick={() => tell.mutate(row.value as Found)}
          >
            {row.value === found && '✓ '}
            {capital(row.label)}
          </Button>
        ))}
      </p>
      {tell.error && (
        <p role="alert" className="font-bold text-red">
          {tell.error.message}
        </p>
      )}
    </section>
  )
}
