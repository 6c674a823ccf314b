import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Notice } from '@/parts/Notice'

/** Takes the tool off the board; says what stops without it, and brings it back at once if that was not meant. */
export function Removal({ page }: { page: Schemas['ToolPage'] }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const refresh = () => queries.invalidateQueries({ queryKey: ['bench'] })
  const remove = useMutation({
    mutationFn: () =>
      answered(
        client.DELETE('/api/tools/{tool}', {
          params: { path: { tool: page.tool.id } },
          body: { version: page.tool.version },
        }),
      ),
  })
  const undo = useMutation({
    mutationFn: (entry: number) =>
      answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
    onSuccess: () => {
      remove.reset()
      return refresh()
    },
  })
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
