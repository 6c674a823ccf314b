import { answered, client, type Schemas } from '@/api/client'
import { useChange } from '@/parts/useChange'
import { RemoveButton } from '@/parts/RemoveButton'
import { useRemoved } from '@/parts/useRemoved'

/** Takes the tool off the board; the page it leads to says what stops without it, and brings it back. */
export function Removal({ page }: { page: Schemas['ToolPage'] }) {
  const removed = useRemoved('/kit')
  const remove = useChange(
    () =>
      answered(
        client.DELETE('/api/tools/{tool}', {
          params: { path: { tool: page.tool.id } },
          body: { version: page.tool.version },
        }),
      ),
    ({ entry }) => removed(entry),
  )
  return <RemoveButton says="Take it off the board" remove={remove} />
}
