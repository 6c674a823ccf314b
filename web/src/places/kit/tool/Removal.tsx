import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { benchChanged } from '@/api/asking'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Notice } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'

/** Takes the tool off the board; says what stops without it, and brings it back at once if that was not meant. */
export function Removal({ page }: { page: Schemas['ToolPage'] }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const refresh = () => benchChanged(queries)
  // Not a change like others: this page is of the tool, and would be lost with it before it can be brought back.
  const remove = useMutation({
    mutationFn: () =>
      answered(
        client.DELETE('/api/tools/{tool}', {
          params: { path: { tool: page.tool.id } },
          body: { version: page.tool.version },
        }),
      ),
  })
  const undo = useChange(
    (entry: number) => answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
    () => remove.reset(),
  )
  const gone = remove.data
  if (!gone)
    return (
      <>
        <Button disabled={remove.isPending} onClick={() => remove.mutate()}>
          Take it off the board
        </Button>
        {remove.error && (
          <p role="alert" className="font-bold text-red">
            {remove.error.message}
          </p>
        )}
      </>
    )

  return (
    <Notice>
      <p>
        <strong>It is off the board.</strong>{' '}
        {gone.loses.length > 0
          ? `Without it you cannot: ${gone.loses.join('; ')}.`
          : 'No work stops without it.'}
      </p>
      <p className="flex gap-5">
        <Button disabled={undo.isPending} onClick={() => undo.mutate(gone.entry.id)}>
          Hang it up again
        </Button>
        <Button
          onClick={() => {
            void navigate('/kit')
            void refresh()
          }}
        >
          To the board
        </Button>
      </p>
    </Notice>
  )
}
