import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Refused } from '@/api/client'
import { pulse } from '@/api/queries'
import { Button } from '@/parts/Button'
import { PlainField } from '@/parts/PlainField'
import { usePreference } from '@/parts/usePreference'

/** Where an instrument answers, so that a page can ask it for its readings. */
export function InstrumentField() {
  const address = useQuery(pulse()).data?.instrumentUrl ?? null
  const [typed, setTyped] = useState('')
  const prefer = usePreference()
  const keep = (instrumentUrl: string) => prefer.mutate({ instrumentUrl }, { onSuccess: () => setTyped('') })
  const refused = prefer.error instanceof Refused ? prefer.error.about('instrumentUrl') : undefined

  return (
    <details className="max-w-xl border-b border-rule py-1.5">
      <summary className="min-h-8 cursor-pointer">
        {address ? `Readings come from ${address}` : 'An instrument that answers by itself'}
      </summary>
      <p className="text-soft">
        A caliper that types like a keyboard works as it is. One that answers over HTTP on this machine, such
        as a simulated dial started by <code>./jackrest instrument dial</code>, is asked by a button beside
        the gaps.
      </p>
      <form
        className="flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          keep(typed)
        }}
      >
        <div className="grow">
          <PlainField
            label="Its address"
            wide
            value={typed}
            placeholder={address ?? 'http://127.0.0.1:8201'}
            error={refused}
            onChange={setTyped}
          />
        </div>
        <Button type="submit" disabled={typed.trim() === '' || prefer.isPending}>
          Use it
        </Button>
        {address && <Button onClick={() => keep('')}>Stop using it</Button>}
      </form>
    </details>
  )
}
