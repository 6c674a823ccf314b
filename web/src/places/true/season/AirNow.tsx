import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, Refused } from '@/api/client'
import { Button } from '@/parts/Button'
import { Correcting } from '@/parts/Correcting'
import { Complaint } from '@/parts/Keeping'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { type Correction, useCorrection } from '@/parts/useCorrection'
import { useInstrument } from '@/places/true/useInstrument'

const EMPTY = { temperature: '', humidity: '' }
const BESIDES = ['figures.temperature', 'figures.humidity']

/** What the hygrometer shows now, read off it or asked of one that answers by itself. */
export function AirNow() {
  const wrong = useCorrection<{ figures: typeof EMPTY }>(KINDS)
  return wrong === undefined ? null : <Air key={wrong?.entry ?? 'now'} wrong={wrong} />
}

const KINDS = ['air-read']

function Air({ wrong }: { wrong: Correction<{ figures: typeof EMPTY }> | null }) {
  const [typed, setTyped] = useState({ ...EMPTY, ...wrong?.body?.figures })
  const { isThere } = useInstrument()
  const write = useChange(
    (figures: typeof EMPTY) =>
      answered(client.POST('/api/season/air', { body: { figures }, headers: wrong?.headers ?? {} })),
    () => {
      setTyped(EMPTY)
      wrong?.end()
    },
  )
  const ask = useMutation({
    mutationFn: () => answered(client.GET('/api/instrument/air')),
    onSuccess: setTyped,
  })
  const about = (field: string) =>
    write.error instanceof Refused ? write.error.about(`figures.${field}`) : undefined

  return (
    <section className="mt-6" aria-label="The air now">
      <h2 className="mb-1 text-lg">{wrong ? 'The air then' : 'The air now'}</h2>
      <Correcting correction={wrong} />
      <PlainField
        label="Temperature"
        quantity="temperature"
        hint="°C, or say °F"
        value={typed.temperature}
        error={about('temperature')}
        onChange={(temperature) => setTyped({ ...typed, temperature })}
      />
      <PlainField
        label="Humidity"
        quantity="percent"
        hint="per cent"
        value={typed.humidity}
        error={about('humidity')}
        onChange={(humidity) => setTyped({ ...typed, humidity })}
      />
      <p className="mt-2 flex flex-wrap gap-x-5">
        <Button
          writes
          disabled={write.isPending || (typed.temperature === '' && typed.humidity === '')}
          onClick={() => write.mutate(typed)}
        >
          Write it down
        </Button>
        {isThere && (
          <Button disabled={ask.isPending} onClick={() => ask.mutate()}>
            Ask the hygrometer
          </Button>
        )}
      </p>
      <Complaint problem={write.error} besides={BESIDES} />
      <Complaint problem={ask.error} besides={[]} />
      {write.data && <p role="status">✓ {write.data.sentence}</p>}
    </section>
  )
}
