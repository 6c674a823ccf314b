import { answered, client, type Schemas } from '../../../api/client'
import { Button } from '../../../parts/Button'
import { useChange } from '../../../parts/useChange'
import { eventOf } from '../log/eventOf'

/** Ten strokes on the strop, or a touch-up, done without any plan: one tap writes it down. */
export function OneTap({ edge }: { edge: Schemas['Edge'] }) {
  const record = useChange((typed: Partial<Schemas['EventRequest']>) =>
    answered(
      client.POST('/api/edges/{edge}/events', {
        params: { path: { edge: edge.id } },
        body: eventOf({ ...typed, version: edge.version }),
      }),
    ),
  )
  return (
    <p className="mt-4 flex flex-wrap items-baseline gap-x-5 border-t border-rule pt-2">
      <span className="text-soft">Done already?</span>
      <Button disabled={record.isPending} onClick={() => record.mutate({ kind: 'stropped', strokes: '20' })}>
        Stropped, 20 strokes
      </Button>
      <Button disabled={record.isPending} onClick={() => record.mutate({ kind: 'touched-up' })}>
        Touched up
      </Button>
      {record.isSuccess && <span role="status">✓ in its diary</span>}
      {record.error && (
        <span role="alert" className="font-bold text-red">
          {record.error.message}
        </span>
      )}
    </p>
  )
}
