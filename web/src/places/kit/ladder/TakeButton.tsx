import { useQueryClient } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { kit } from '@/api/queries'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'

interface TakeButtonProps {
  tool: Schemas['RungTool']
  weight?: 'main' | 'quiet'
}

/** The tool is there now: it hangs on the board from this moment. */
export function TakeButton({ tool, weight = 'quiet' }: TakeButtonProps) {
  const queries = useQueryClient()
  const take = useChange(async () => {
    if (tool.toolId === null)
      return answered(client.POST('/api/kit/offers/{offer}/got', { params: { path: { offer: tool.offer } } }))
    const { wanted } = await queries.ensureQueryData(kit())
    return answered(
      client.POST('/api/tools/{tool}/got', {
        params: { path: { tool: tool.toolId } },
        body: { version: wanted.find((row) => row.id === tool.toolId)?.version ?? 1 },
      }),
    )
  })
  return (
    <>
      <Button
        writes
        weight={weight}
        disabled={take.isPending}
        onClick={() => take.mutate(undefined)}
        aria-label={weight === 'quiet' ? `${tool.made ? 'Made' : 'Got'} it: ${tool.name}` : undefined}
      >
        {tool.made ? 'Made it' : 'Got it'}
        {weight === 'main' && ': hang it up'}
      </Button>
      {take.error && (
        <span role="alert" className="font-bold text-red">
          {take.error.message}
        </span>
      )}
    </>
  )
}
