import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'
import { Handed } from './Handed'
import { ROLES } from './roles'

type Role = Schemas['Member']['role']

/** Somebody else to this bench: an address that works once. */
export function Invite({ invitations }: { invitations: readonly Schemas['Invitation'][] }) {
  const [role, setRole] = useState<Role>('member')
  const [handed, setHanded] = useState<Schemas['Handed'] | null>(null)
  const invite = useChange(
    () => answered(client.POST('/api/people/invitations', { body: { role } })),
    setHanded,
  )
  const takeBack = useChange((ticket: number) =>
    answered(client.DELETE('/api/people/invitations/{ticket}', { params: { path: { ticket } } })),
  )
  return (
    <section className="mt-6" aria-label="Invite somebody">
      <h2 className="text-lg">Invite somebody</h2>
      <Choice label="As" value={role} options={ROLES} onChange={setRole} />
      <p className="mt-2">
        <Button writes disabled={invite.isPending} onClick={() => invite.mutate(undefined)}>
          Make an invitation
        </Button>
      </p>
      {handed && (
        <Handed key={handed.address} handed={handed} says="Hand this to whoever you want at the bench." />
      )}
      {invitations.length > 0 && (
        <ul className="mt-3">
          {invitations.map((one) => (
            <li
              key={one.id}
              className="flex items-baseline justify-between gap-3 border-t border-rule py-1.5"
            >
              <span>
                For a {one.role}
                <span className="block text-sm text-soft">not taken yet; until {one.until}</span>
              </span>
              <Button writes onClick={() => takeBack.mutate(one.id)}>
                Take it back
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Complaint problem={invite.error ?? takeBack.error} besides={[]} />
    </section>
  )
}
