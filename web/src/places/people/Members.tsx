import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'
import { Handed } from './Handed'
import { ROLES } from './roles'

/** Everybody at the bench; an owner decides as what. */
export function Members({ data }: { data: Schemas['People'] }) {
  const role = useChange(({ id, to }: { id: number; to: Schemas['Member']['role'] }) =>
    answered(
      client.PUT('/api/people/{membership}', { params: { path: { membership: id } }, body: { role: to } }),
    ),
  )
  const remove = useChange((membership: number) =>
    answered(client.DELETE('/api/people/{membership}', { params: { path: { membership } } })),
  )
  const [handed, setHanded] = useState<Schemas['Handed'] | null>(null)
  const recover = useChange(
    (membership: number) =>
      answered(client.POST('/api/people/{membership}/recovery', { params: { path: { membership } } })),
    setHanded,
  )
  return (
    <section aria-label="At this bench">
      <h2 className="text-lg">At this bench</h2>
      <ul>
        {data.members.map((one) => (
          <li key={one.id} className="border-t border-rule py-2">
            <p className="flex flex-wrap items-baseline justify-between gap-3">
              <strong>
                {one.name}
                {one.isYou && <span className="font-normal text-soft"> (you)</span>}
              </strong>
              {data.isOwner ? (
                <select
                  aria-label={`What ${one.name} may do`}
                  value={one.role}
                  onChange={(event) =>
                    role.mutate({ id: one.id, to: event.target.value as Schemas['Member']['role'] })
                  }
                  className="min-h-8 border border-rule bg-sheet px-1"
                >
                  {ROLES.map(({ value, label }) => (
                    <option key={value} value={value}>
                      {label}
                    </option>
                  ))}
                </select>
              ) : (
                <span className="text-soft">{one.says}</span>
              )}
            </p>
            {data.isOwner && !one.isYou && (
              <p className="flex flex-wrap gap-x-5">
                <Button writes onClick={() => recover.mutate(one.id)}>
                  Forgot the password
                </Button>
                <Button writes onClick={() => remove.mutate(one.id)}>
                  Take {one.name} off this bench
                </Button>
              </p>
            )}
          </li>
        ))}
      </ul>
      {handed && (
        <Handed key={handed.address} handed={handed} says="Hand this to them: it takes a new password." />
      )}
      <Complaint problem={role.error ?? remove.error ?? recover.error} besides={[]} />
    </section>
  )
}
