import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { useChange } from '@/parts/useChange'
import { useRemoved } from '@/parts/useRemoved'

/** Takes an edge off the list: the record stays, and it can be undone in the diary. */
export function MoreOfEdge({ edge }: { edge: Schemas['Edge'] }) {
  const removed = useRemoved('/edges')
  const remove = useChange(
    () =>
      answered(
        client.DELETE('/api/edges/{edge}', {
          params: { path: { edge: edge.id } },
          body: { version: edge.version },
        }),
      ),
    removed,
  )
  return (
    <p className="mt-6 border-t border-rule pt-2 text-sm">
      <Button writes disabled={remove.isPending} onClick={() => remove.mutate(undefined)}>
        Take this edge off the list
      </Button>{' '}
      <span className="text-soft">Its record is kept; the diary brings it back.</span>
      {remove.error && (
        <span role="alert" className="block font-bold text-red">
          {remove.error.message}
        </span>
      )}
    </p>
  )
}
