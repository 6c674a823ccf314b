import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answered, client, Refused } from '@/api/client'
import { references } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { Readings } from '@/parts/Readings'
import { useChange } from '@/parts/useChange'

const EXAMPLES: Readonly<Record<string, string>> = {
  square: 'my 200 mm square',
  straightedge: 'the long straightedge',
  sticks: 'winding sticks, mahogany',
  slope: 'template, 1:8',
  sole: 'sole of the smoothing plane',
  stone: 'the 1000 stone',
  board: 'shooting board',
}

/** A reference put in from where one looks for it; a square or a straightedge hangs on the board then, too. */
export function AddReferencePage() {
  const { data, error } = useQuery(references())
  const navigate = useNavigate()
  const [kind, setKind] = useState('square')
  const [name, setName] = useState('')
  const add = useChange(
    () => answered(client.POST('/api/references', { body: { kind, name } })),
    (page) => void navigate(`/true/references/${page.id}`),
  )
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading
        title="Add a reference"
        says="Give it a name and test it. What is a tool hangs in the kit, too; what you hang up in the kit turns up here by itself."
      />
      <div className="max-w-xl">
        <Readings onRecord={() => add.mutate(undefined)}>
          <Choice label="What it is" value={kind} options={data.kinds} onChange={setKind} />
          <PlainField
            label="Name"
            wide
            value={name}
            placeholder={EXAMPLES[kind] ?? ''}
            error={add.error instanceof Refused ? add.error.about('name') : undefined}
            onChange={setName}
          />
        </Readings>
        <p className="mt-4">
          <Button
            writes
            weight="main"
            keys="Ctrl Enter"
            disabled={add.isPending}
            onClick={() => add.mutate(undefined)}
          >
            Add it and test it
          </Button>
        </p>
        <Complaint problem={add.error} besides={['name']} />
      </div>
    </>
  )
}
