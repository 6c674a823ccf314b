import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { pulse } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Correcting } from '@/parts/Correcting'
import { asDate } from '@/parts/dates'
import { Complaint } from '@/parts/Keeping'
import { Mend } from '@/parts/Mend'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { type Correction, typedIn, useCorrection } from '@/parts/useCorrection'
import { told } from '@/parts/told'

const EMPTY = { bow: '', wind: '', cup: '' }
const FIELDS = [
  ['bow', 'Bow', 'largest gap under a straightedge along its edge; use minus if it is hollow'],
  ['wind', 'Wind', 'how far one corner stands off a flat'],
  ['cup', 'Cup', 'gap under a rule across its face'],
] as const

/** Prepare it, measure, leave it a week, measure again: what it did decides. */
export function RestTest({ blank }: { blank: Schemas['ListedBlank'] }) {
  const unit = useQuery(pulse()).data?.unit
  const wrong = useCorrection<Sent>(KINDS)
  if (!unit || wrong === undefined) return null
  return <Rest key={wrong?.entry ?? 'now'} blank={blank} unit={unit} wrong={wrong} />
}

const KINDS = ['blank-at-rest']

interface Sent {
  figures: typeof EMPTY
}

interface RestProps {
  blank: Schemas['ListedBlank']
  unit: string
  wrong: Correction<Sent> | null
}

function Rest({ blank, unit, wrong }: RestProps) {
  const [typed, setTyped] = useState(wrong ? typedIn(wrong, { figures: EMPTY }, unit).figures : EMPTY)
  const write = useChange(
    (figures: typeof EMPTY) =>
      answered(
        client.POST('/api/blanks/{blank}/measures', {
          params: { path: { blank: blank.id } },
          body: { figures, version: blank.version },
          headers: wrong?.headers ?? {},
        }),
      ),
    () => {
      setTyped(EMPTY)
      wrong?.end()
    },
  )
  const refused = write.error instanceof Refused ? write.error : null
  const { rest } = blank

  return (
    <section aria-label="Its rest" className="mt-2 max-w-xl">
      <h2 className="text-lg">Its rest</h2>
      <p className={rest.verdict === 'moved' ? 'font-bold text-red' : undefined}>
        {rest.verdict === 'still' ? '✓ ' : ''}
        {told(rest.says)}
      </p>
      {rest.meanwhile && <p className="text-soft">{rest.meanwhile}</p>}
      {rest.visits.length > 0 && (
        <table className="my-2 w-full text-left">
          <thead className="text-sm text-soft">
            <tr>
              <th className="font-normal">Measured</th>
              <th className="font-normal">Bow</th>
              <th className="font-normal">Wind</th>
              <th className="font-normal">Cup</th>
              <th>
                <span className="sr-only">Correct or undo it</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rest.visits.map((visit) => (
              <tr key={visit.measuredAt} className="border-t border-rule">
                <td>{asDate(visit.measuredAt)}</td>
                <td>{visit.bow}</td>
                <td>{visit.wind}</td>
                <td>{visit.cup}</td>
                <td>
                  <Mend
                    written={visit.written}
                    says={`measured ${asDate(visit.measuredAt)}`}
                    about={{ kind: 'blank', id: blank.id }}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Correcting correction={wrong} />
      {FIELDS.map(([name, label, hint]) => (
        <PlainField
          key={name}
          label={label}
          hint={hint}
          quantity="length"
          value={typed[name]}
          error={refused?.about(`figures.${name}`)}
          onChange={(text) => setTyped({ ...typed, [name]: text })}
        />
      ))}
      <Complaint problem={write.error} besides={FIELDS.map(([name]) => `figures.${name}`)} />
      <p className="mt-2">
        <Button
          writes
          disabled={write.isPending || Object.values(typed).every((text) => text === '')}
          onClick={() => write.mutate(typed)}
        >
          {rest.visits.length === 0 && !wrong ? 'Write it down, and let it rest' : 'Write it down'}
        </Button>
      </p>
    </section>
  )
}
