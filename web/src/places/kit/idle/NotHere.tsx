import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { asDate } from '@/parts/dates'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'

interface NotHereProps {
  title: string
  tools: readonly Schemas['NotHere'][]
  empty: string
  does: string
}

/** Tools that are not at hand: lent, or put away. */
export function NotHere({ title, tools, empty, does }: NotHereProps) {
  const back = useChange((tool: Schemas['NotHere']) =>
    answered(
      client.POST('/api/tools/{tool}/hung', {
        params: { path: { tool: tool.id } },
        body: { version: tool.version },
      }),
    ),
  )
  return (
    <section className="mt-5">
      <h2 className="text-lg">{title}</h2>
      {tools.length === 0 && <p className="text-soft">{empty}</p>}
      <ul>
        {tools.map((tool) => (
          <li key={tool.id} className="flex items-baseline justify-between gap-3 border-t border-rule py-1.5">
            <span>
              {tool.name}
              <span className="block text-sm text-soft">
                {tool.to && `to ${tool.to}, `}since {asDate(tool.since ?? '')}
                {tool.askOn && `; ask for it on ${asDate(tool.askOn)}`}
              </span>
            </span>
            <Button writes className="shrink-0" disabled={back.isPending} onClick={() => back.mutate(tool)}>
              {does}
            </Button>
          </li>
        ))}
      </ul>
      <Complaint problem={back.error} besides={[]} />
    </section>
  )
}
