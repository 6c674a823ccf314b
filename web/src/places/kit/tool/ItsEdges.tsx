import { Link, useNavigate } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'
import { told } from '@/parts/told'

/** The edges of a tool; several irons can serve one body. */
export function ItsEdges({ page }: { page: Schemas['ToolPage'] }) {
  const navigate = useNavigate()
  const add = useChange(
    () =>
      answered(
        client.POST('/api/tools/{tool}/edges', {
          params: { path: { tool: page.tool.id } },
          body: { version: page.tool.version },
        }),
      ),
    ({ edge }) => void navigate(`/edges/${edge.id}/geometry`),
  )
  if (page.edges.length === 0) return null
  return (
    <>
      <h2 className="mt-3 mb-1 text-lg">Its edges</h2>
      <ul>
        {page.edges.map((edge) => (
          <li key={edge.id} className="border-t border-rule py-1.5">
            <Link to={`/edges/${edge.id}`} className="font-bold underline underline-offset-4">
              {edge.name}
            </Link>{' '}
            <span className="text-soft">{told(edge.says)}</span>
          </li>
        ))}
      </ul>
      {page.tool.status === 'owned' && (
        <Button writes disabled={add.isPending} onClick={() => add.mutate(undefined)}>
          Add another iron or blade to it
        </Button>
      )}
      {add.error && (
        <p role="alert" className="font-bold text-red">
          {add.error.message}
        </p>
      )}
    </>
  )
}
