import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'

const floors = [
  { value: '', label: 'as each work asks' },
  { value: '2', label: 'makeshift will do' },
  { value: '3', label: 'sound' },
  { value: '4', label: 'good' },
  { value: '5', label: 'as good as it gets' },
] as const

/** What may be spent, and how well things must be done at least. */
export function MoneyFields({ ladder }: { ladder: Schemas['Ladder'] }) {
  const save = useSave()
  const refused = save.error instanceof Refused ? save.error : null
  const set = (change: Partial<Schemas['SchoolRequest']>) =>
    save.mutate({ version: ladder.settingsVersion, ...change })

  return (
    <section className="mt-5">
      <h2 className="text-lg">Money and quality</h2>
      <Sum
        label="a month"
        hint="turns steps into dates"
        kept={ladder.perMonth}
        error={refused?.about('perMonth')}
        onKeep={(perMonth) => set({ perMonth })}
      />
      <Sum
        label="at most in all"
        hint="what does not fit is named"
        kept={ladder.budget}
        error={refused?.about('budget')}
        onKeep={(budget) => set({ budget })}
      />
      <Choice
        label="no worse than"
        value={String(ladder.floor ?? '') as (typeof floors)[number]['value']}
        options={floors}
        onChange={(floor) => set({ floor: floor === '' ? null : Number(floor) })}
      />
      {refused?.changedElsewhere && (
        <p role="alert" className="text-sm font-bold text-red">
          {refused.message}
        </p>
      )}
    </section>
  )
}

interface SumProps {
  label: string
  hint: string
  kept: number | null
  error: string | undefined
  onKeep: (sum: string) => void
}

/** A sum that is kept when the field is left or Enter is pressed. */
function Sum({ label, hint, kept, error, onKeep }: SumProps) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? (kept === null ? '' : String(kept))
  const keep = () => {
    if (typed !== null && typed !== (kept === null ? '' : String(kept))) onKeep(typed)
    if (!error) setTyped(null)
  }
  return (
    // It hears what its one field does; it is no control itself.
    <div onBlur={keep} onKeyDown={(event) => event.key === 'Enter' && keep()}>
      <PlainField
        label={label}
        hint={hint}
        before="€"
        quantity="money"
        value={shown}
        placeholder="any"
        error={error}
        onChange={setTyped}
      />
    </div>
  )
}

function useSave() {
  return useChange((body: Schemas['SchoolRequest']) => answered(client.PUT('/api/kit/school', { body })))
}
