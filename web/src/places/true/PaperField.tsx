import { useState } from 'react'
import { Refused } from '@/api/client'
import { Button } from '@/parts/Button'
import { PlainField } from '@/parts/PlainField'
import { usePreference } from '@/parts/usePreference'

/** The user's own paper as a feeler: measured in a pack, typed as sheets ever after. */
export function PaperField({ paper }: { paper: string | null }) {
  const [typed, setTyped] = useState('')
  const prefer = usePreference()
  const keep = () => prefer.mutate({ paper: typed }, { onSuccess: () => setTyped('') })
  const refused = prefer.error instanceof Refused ? prefer.error.about('paper') : undefined

  return (
    <details className="mt-6 max-w-xl border-y border-rule py-1.5">
      <summary className="min-h-8 cursor-pointer">
        {paper ? `One sheet of your paper is ${paper}` : 'One sheet of paper as a feeler: measure yours'}
      </summary>
      <p className="text-soft">
        Ten sheets in a pack under the caliper, divided by ten. Then a gap can be typed in sheets: 1 sheet, 2
        sheets.
      </p>
      <form
        className="flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          keep()
        }}
      >
        <div className="grow">
          <PlainField
            label="One sheet"
            quantity="thickness"
            hint="a pack of ten: 1.04 mm / 10"
            value={typed}
            placeholder={paper ?? '1.04 mm / 10'}
            error={refused}
            onChange={setTyped}
          />
        </div>
        <Button type="submit" disabled={typed.trim() === '' || prefer.isPending}>
          Save
        </Button>
      </form>
    </details>
  )
}
