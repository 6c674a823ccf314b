import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'

interface WoodOfReferenceProps {
  of: Schemas['SeasonForecast']
  species: readonly Schemas['Word'][]
}

const NONE: Schemas['WoodOf'] = { species: 'American beech', ring: '', runout: '', thickness: '' }
const FIELDS = [
  ['ring', 'Rings to the face', '90° stand upright; taken so if left empty', '90'],
  ['runout', 'Grain runs out by', 'degrees to the edge; taken as 2 if left empty', '2'],
  ['thickness', 'Thickness', 'decides how fast it follows', ''],
] as const

/** Which wood a reference is of: seen in a line, changed where it is opened. */
export function WoodOfReference({ of, species }: WoodOfReferenceProps) {
  const [typed, setTyped] = useState<Partial<Schemas['WoodOf']>>({})
  const [open, setOpen] = useState(false)
  const values = { ...(of.wood ?? NONE), ...typed }
  const keep = useChange(
    () =>
      answered(
        client.PUT('/api/references/{reference}/wood', {
          params: { path: { reference: of.id } },
          body: {
            species: values.species,
            figures: { ring: values.ring, runout: values.runout, thickness: values.thickness },
            version: of.version,
          },
        }),
      ),
    () => {
      setTyped({})
      setOpen(false)
    },
  )
  const refused = keep.error instanceof Refused ? keep.error : null

  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-8 cursor-pointer text-sm">
        {of.wood
          ? `Of ${of.wood.species}, rings at ${of.wood.ring}°, grain running out by ${of.wood.runout}°`
          : 'Say which wood it is of'}
      </summary>
      <Choice
        label="Wood"
        value={values.species}
        options={species.map(({ value, label }) => ({ value, label }))}
        onChange={(name) => setTyped({ ...typed, species: name })}
      />
      {FIELDS.map(([name, label, hint, usual]) => (
        <PlainField
          key={name}
          label={label}
          hint={hint}
          placeholder={usual}
          quantity={name === 'thickness' ? 'length' : 'degrees'}
          value={values[name]}
          error={refused?.about(`figures.${name}`)}
          onChange={(text) => setTyped({ ...typed, [name]: text })}
        />
      ))}
      <Complaint problem={keep.error} besides={FIELDS.map(([name]) => `figures.${name}`)} />
      <Button writes disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
        Save its wood
      </Button>
    </details>
  )
}
