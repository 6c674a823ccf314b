import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { people, pulse } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { Account } from './Account'
import { Handed } from './Handed'
import { Invite } from './Invite'
import { Members } from './Members'

/** Who is at this bench, and on what one is signed in oneself. */
export function PeoplePage() {
  const { data, error } = useQuery(people())
  const here = useQuery(pulse()).data
  if (error && !data) return <Lost problem={error} />
  if (!data || !here) return <Waiting />
  return (
    <>
      <Heading title="People" says={`Who is at ${here.bench}, and where you are signed in yourself.`} />
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <div>
          <Members data={data} />
          {data.isOwner && <Invite invitations={data.invitations} />}
        </div>
        <div>
          <Phone />
          <Devices devices={data.devices} />
          <Account name={here.person} />
        </div>
      </div>
    </>
  )
}

/** A phone beside the bench: its camera reads the code, and it is signed in for this bench alone. */
function Phone() {
  const [handed, setHanded] = useState<Schemas['Handed'] | null>(null)
  const pair = useChange(() => answered(client.POST('/api/pairings')), setHanded)
  return (
    <>
      <NextStroke
        says="Take your phone to the bench."
        why="Its camera reads a code from this screen; it is signed in for this bench alone."
      >
        <Button weight="main" disabled={pair.isPending} onClick={() => pair.mutate(undefined)}>
          Show the code
        </Button>
      </NextStroke>
      <Complaint problem={pair.error} besides={[]} />
      {handed && (
        <Handed
          key={handed.address}
          handed={handed}
          says="Hold the phone’s camera to it within two minutes."
        />
      )}
    </>
  )
}

function Devices({ devices }: { devices: readonly Schemas['Device'][] }) {
  const end = useChange((signIn: number) =>
    answered(client.DELETE('/api/sign-ins/{signIn}', { params: { path: { signIn } } })),
  )
  return (
    <section className="mt-6">
      <h2 className="text-lg">Where you are signed in</h2>
      <ul>
        {devices.map((one) => (
          <li
            key={one.id}
            className="flex min-h-11 items-baseline justify-between gap-3 border-t border-rule py-1.5"
          >
            <span>
              {one.isThis ? `This ${one.device}` : `A ${one.device}`}
              <span className="block text-sm text-soft">
                {[one.only, `last seen ${one.seen}`].filter(Boolean).join(', ')}
              </span>
            </span>
            {!one.isThis && (
              <Button disabled={end.isPending} onClick={() => end.mutate(one.id)}>
                Sign it out
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Complaint problem={end.error} besides={[]} />
    </section>
  )
}
