import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { works } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { remember } from '@/parts/lastRecord'
import { useChange } from '@/parts/useChange'

/** Whether it is at hand, and one tap that says it was used. */
export function ItsUse({ tool }: { tool: Schemas['Tool'] }) {
  const all = useQuery(works()).data?.works ?? []
  const [work, setWork] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const used = useChange(
    () =>
      answered(
        client.POST('/api/tools/{tool}/used', {
          params: { path: { tool: tool.id } },
          body: { day: new Date().toISOString().slice(0, 10), work: work === '' ? null : Number(work) },
        }),
      ),
    (entry) => {
      setSaid(entry.sentence)
      remember({ of: 'tool', id: tool.id, says: entry.sentence, work: work === '' ? null : Number(work) })
    },
  )
  if (tool.lentTo !== null || tool.awayOn !== null)
    return (
      <p className="mt-4 border-t border-rule pt-2">
        {tool.lentTo === null ? 'It is put away.' : `It is lent to ${tool.lentTo}.`}{' '}
        <Link to="/kit/idle" className="underline underline-offset-4">
          See what is not at hand
        </Link>
      </p>
    )

  return (
    <section className="mt-4 border-t border-rule pt-2">
      <Choice
        label="Used for"
        value={work}
        options={[
          { value: '', label: 'this and that' },
          ...all.map((one) => ({ value: String(one.id), label: one.name })),
        ]}
        onChange={setWork}
      />
      <p className="mt-1 flex flex-wrap items-baseline gap-x-4">
        <Button writes disabled={used.isPending} onClick={() => used.mutate(undefined)}>
          Used it today
        </Button>
        {said && (
          <span role="status" className="text-sm text-soft">
            ✓ {said}
          </span>
        )}
      </p>
      <Complaint problem={used.error} besides={[]} />
    </section>
  )
}
