import { useState } from 'react'
import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { SmallTool } from '@/drawings/ToolOutline'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'
import { LendForm } from './LendForm'

interface IdleToolProps {
  tool: Schemas['IdleTool']
  outline: Schemas['ToolOutline'] | undefined
  /** Whether it goes with the chosen set; null: it does not belong to it. */
  isGoing: boolean | null
  onGoing: (isGoing: boolean) => void
}

/** One tool: when it was used, what would be lost without it, what does the same. */
export function IdleTool({ tool, outline, isGoing, onGoing }: IdleToolProps) {
  const [lending, setLending] = useState(false)
  const params = { path: { tool: tool.id } }
  const keep = useChange((kept: boolean) =>
    answered(client.PUT('/api/tools/{tool}/kept', { params, body: { version: tool.version, kept } })),
  )
  const away = useChange(() => answered(client.POST('/api/kit/idle/away', { body: { tools: [tool.id] } })))

  return (
    <li className="flex items-start gap-3 border-b border-rule py-2.5 last:border-b-0">
      <span className="flex w-6 shrink-0 justify-center pt-1">
        {isGoing !== null && (
          <input
            type="checkbox"
            checked={isGoing}
            aria-label={`The ${tool.name} goes`}
            onChange={(event) => onGoing(event.target.checked)}
            className="size-5 accent-ink"
          />
        )}
      </span>
      <SmallTool outline={outline} width={76} height={52} />
      <div className="min-w-0 grow">
        <p className="flex flex-wrap items-baseline justify-between gap-x-4">
          <Link
            to={`/kit/tools/${tool.id}`}
            className="font-bold underline decoration-rule underline-offset-4"
          >
            {tool.name}
          </Link>
          <span className="text-sm text-soft">
            {tool.kept ? 'kept for its own sake' : tool.isIdle ? '○ idle' : ''} {tool.worth}
          </span>
        </p>
        <p className="text-sm">
          {tool.used} {tool.why}
        </p>
        <p className="text-sm text-soft">{without(tool)}</p>
        <p className="flex flex-wrap gap-x-5 text-sm">
          <Button writes disabled={away.isPending} onClick={() => away.mutate(undefined)}>
            Put it away
          </Button>
          <Button writes onClick={() => setLending(!lending)}>
            Lend it
          </Button>
          <Button writes disabled={keep.isPending} onClick={() => keep.mutate(!tool.kept)}>
            {tool.kept ? 'It has to earn its place' : 'Keep it for its own sake'}
          </Button>
        </p>
        {lending && <LendForm tool={tool} onDone={() => setLending(false)} />}
        <Complaint problem={keep.error ?? away.error} besides={[]} />
      </div>
    </li>
  )
}

function without(tool: Schemas['IdleTool']): string {
  const parts = [
    tool.lost.length > 0 && `Without it you could not ${tool.lost.join(', ')}.`,
    tool.worse.length > 0 && `Not as well as now: ${tool.worse.join(', ')}.`,
    tool.instead.length > 0 && `In its place: ${tool.instead.join(', ')}.`,
  ].filter(Boolean)
  return parts.length > 0 ? parts.join(' ') : 'Without it nothing would be lost.'
}
