import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'

const FIELDS = ['to', 'on', 'askOn']

/** To whom, since when, and when to ask for it. */
export function LendForm({ tool, onDone }: { tool: Schemas['IdleTool']; onDone: () => void }) {
  const [typed, setTyped] = useState({ to: '', on: new Date().toISOString().slice(0, 10), askOn: '' })
  const lend = useChange(
    () =>
      answered(
        client.POST('/api/tools/{tool}/lent', {
          params: { path: { tool: tool.id } },
          body: { ...typed, version: tool.version },
        }),
      ),
    onDone,
  )
  const refused = lend.error instanceof Refused ? lend.error : null

  return (
    <form
      className="mt-2 max-w-md"
      onSubmit={(event) => {
        event.preventDefault()
        lend.mutate(undefined)
      }}
    >
      <PlainField
        label="To whom"
        wide
        value={typed.to}
        placeholder="a word is enough"
        error={refused?.about('to')}
        onChange={(to) => setTyped({ ...typed, to })}
      />
      <PlainField
        label="Since"
        type="date"
        value={typed.on}
        error={refused?.about('on')}
        onChange={(on) => setTyped({ ...typed, on })}
      />
      <PlainField
        label="Ask for it on"
        type="date"
        value={typed.askOn}
        error={refused?.about('askOn')}
        onChange={(askOn) => setTyped({ ...typed, askOn })}
      />
      <p className="mt-2">
        <Button writes type="submit" disabled={lend.isPending}>
          Lent it
        </Button>
      </p>
      <Complaint problem={lend.error} besides={FIELDS} />
    </form>
  )
}
