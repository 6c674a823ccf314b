import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { backups } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'

/** Everything on this machine, as it was: made by itself, made now, gone back to. */
export function BackupsPage() {
  const { data, error } = useQuery(backups())
  const make = useChange(() => answered(client.POST('/api/backups')))
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  return (
    <>
      <Heading
        title="Backups"
        says="Every bench of this machine with its photographs, each read back after it was made."
      />
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <div>
          <NextStroke says={data.next.says} why={data.next.why}>
            <Button writes weight="main" disabled={make.isPending} onClick={() => make.mutate(undefined)}>
              {make.isPending ? 'Making it …' : 'Make one now'}
            </Button>
          </NextStroke>
          <Complaint problem={make.error} besides={[]} />
          <Settings key={data.folder} data={data} />
        </div>
        <List backups={data.backups} />
      </div>
    </>
  )
}

function List({ backups }: { backups: readonly Schemas['Backup'][] }) {
  const [asked, setAsked] = useState<string | null>(null)
  const back = useChange(
    (name: string) =>
      answered(client.POST('/api/backups/{backup}/back', { params: { path: { backup: name } } })),
    // All that was fetched is of before.
    () => window.location.assign('/'),
  )
  return (
    <section aria-label="Those there are">
      <h2 className="text-lg">Those there are</h2>
      {backups.length === 0 && <p className="border-t border-rule py-2 text-soft">None yet.</p>}
      <ul>
        {backups.map((one) => (
          <li key={one.name} className="border-t border-rule py-1.5">
            <p className="flex flex-wrap items-baseline justify-between gap-x-4">
              <span>
                <strong>{one.says}</strong>
                <span className="block text-sm text-soft">{one.why}</span>
              </span>
              {asked !== one.name && (
                <Button aria-label={`Go back to this: ${one.says}`} onClick={() => setAsked(one.name)}>
                  Go back to this
                </Button>
              )}
            </p>
            {asked === one.name && (
              <p role="alert" className="mt-1 border-l-4 border-red pl-3">
                Every bench becomes as it was then. What is here now is kept as a backup of its own.
                <span className="mt-2 flex flex-wrap gap-5">
                  <Button
                    writes
                    weight="main"
                    disabled={back.isPending}
                    onClick={() => back.mutate(one.name)}
                  >
                    Go back to {one.says}
                  </Button>
                  <Button onClick={() => setAsked(null)}>Leave it</Button>
                </span>
              </p>
            )}
          </li>
        ))}
      </ul>
      <Complaint problem={back.error} besides={[]} />
    </section>
  )
}

/** Where they lie, and how many are kept. */
function Settings({ data }: { data: Schemas['Backups'] }) {
  const [folder, setFolder] = useState(data.folder)
  const [daily, setDaily] = useState(String(data.daily))
  const [weekly, setWeekly] = useState(String(data.weekly))
  const keep = useChange(() =>
    answered(client.PUT('/api/backups', { body: { folder, daily: Number(daily), weekly: Number(weekly) } })),
  )
  const refused = keep.error instanceof Refused ? keep.error : null
  return (
    <section className="mt-6" aria-label="By itself">
      <h2 className="text-lg">By itself</h2>
      <PlainField
        label="Days kept"
        hint="one a day; 0: none"
        value={daily}
        error={refused?.about('daily')}
        onChange={setDaily}
      />
      <PlainField
        label="Weeks kept"
        hint="one a week; 0: none"
        value={weekly}
        error={refused?.about('weekly')}
        onChange={setWeekly}
      />
      <PlainField
        wide
        label="Folder"
        hint="on another disk, if you can"
        value={folder}
        error={refused?.about('folder')}
        onChange={setFolder}
      />
      <p className="mt-2 flex items-baseline gap-4">
        <Button writes disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
          Save
        </Button>
        {keep.isSuccess && <span role="status">✓ Saved.</span>}
      </p>
      <Complaint problem={keep.error} besides={['folder', 'daily', 'weekly']} />
    </section>
  )
}
