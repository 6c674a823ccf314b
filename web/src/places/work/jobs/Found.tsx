import { useQuery } from '@tanstack/react-query'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { pulse } from '@/api/queries'
import { Keeping } from '@/parts/Keeping'
import { Overtaken } from '@/parts/Overtaken'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'

/** Afterwards: the widest gap by the feeler, and what to do otherwise the next time. */
export function Found({ job }: { job: Schemas['Job'] }) {
  const unit = useQuery(pulse()).data?.unit
  return unit && job.donePct > 0 ? <Form job={job} unit={unit} /> : null
}

function Form({ job, unit }: { job: Schemas['Job']; unit: string }) {
  const draft = useTyped(`job ${job.id}`, { gap: job.gap, found: job.found }, unit, job.version, ['gap'])
  const save = useChange(
    () =>
      answered(
        client.PUT('/api/jobs/{job}/found', {
          params: { path: { job: job.id } },
          body: { version: draft.version, gap: draft.values.gap ?? '', found: draft.values.found ?? '' },
        }),
      ),
    draft.clear,
  )
  const refused = save.error instanceof Refused ? save.error : null
  return (
    <section className="mt-4">
      <h2 className="text-lg">What you found</h2>
      {draft.overtaken && <Overtaken name={job.name} onKeep={draft.keep} onDrop={draft.clear} />}
      <PlainField
        label="Widest gap"
        hint="by the feeler"
        quantity="thickness"
        value={draft.values.gap ?? ''}
        error={refused?.about('gap')}
        onChange={(text) => draft.change('gap', text)}
      />
      <PlainField
        wide
        label="Next time"
        value={draft.values.found ?? ''}
        error={refused?.about('found')}
        onChange={(text) => draft.change('found', text)}
      />
      {draft.touched && (
        <p className="mt-2 flex gap-5">
          <Keeping quiet onKeep={() => save.mutate(undefined)} onDrop={draft.clear} busy={save.isPending} />
        </p>
      )}
    </section>
  )
}
