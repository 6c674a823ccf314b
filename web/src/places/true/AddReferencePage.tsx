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

/** A reference that comes with no tool on the board: a sole, a stone, a board, a second template. */
export function AddReferencePage() {
  const { data, error } = useQuery(references())
  const navigate = useNavigate()
  const [kind, setKind] = useState('sole')
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
        title="Another reference"
        says="Squares, straightedges, winding sticks and templates come with the tools you hang up; soles, stones and boards you put here."
      />
      <div className="max-w-xl">
        <Readings onRecord={() => add.mutate(undefined)}>
          <Choice label="What it is" value={kind} options={data.kinds} onChange={setKind} />
          <PlainField
            label="Name"
            wide
            value={name}
            placeholder="sole of the smoothing plane"
            error={add.error instanceof Refused ? add.error.about('name') : undefined}
            onChange={setName}
          />
        </Readings>
        <p className="mt-4">
          <Button
            weight="main"
            keys="Ctrl Enter"
            disabled={add.isPending}
            onClick={() => add.mutate(undefined)}
          >
            Put it there and test it
          </Button>
        </p>
        <Complaint problem={add.error} besides={['name']} />
      </div>
    </>
  )
}
