import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, client } from '@/api/client'
import { useConnection } from '@/api/connection'
import { lookAway, looks, pulse } from '@/api/queries'
import { SmallTool } from '@/drawings/ToolOutline'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { asDate } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { KitNav } from '@/places/kit/KitNav'
import { Checks } from './Checks'
import { beginAway, useWaitingLooks } from './away'

/** Second-hand tools looked over: those half done first, and a new one. */
export function LooksPage() {
  const { data, error } = useQuery(looks())
  const navigate = useNavigate()
  const [kind, setKind] = useState('jack-plane')
  const begin = useChange(
    () => answered(client.POST('/api/looks', { body: { kind } })),
    (look) => void navigate(`/kit/look/${look.id}`),
  )
  const unit = useQuery(pulse()).data?.unit
  const { lost } = useConnection()
  const away = useQuery({ ...lookAway(), enabled: lost }).data?.kinds.find((one) => one.kind === kind)
  const onThisDevice = useWaitingLooks()
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const outlineOf = (id: string) => data.outlines[data.kinds.find(({ value }) => value === id)?.form ?? '']

  return (
    <>
      <Heading
        title="At the stall"
        says="Looked over in the order it can be done there: what it is worth to you, and the most to offer."
      />
      <KitNav />
      <div className="grid items-start gap-x-12 gap-y-6 lg:grid-cols-[min(30rem,45%)_minmax(0,1fr)]">
        <div>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <SmallTool outline={outlineOf(kind)} width={150} height={96} />
            <div className="min-w-0 grow basis-64">
              <Choice label="A tool in your hand" value={kind} options={data.kinds} onChange={setKind} />
            </div>
          </div>
          <p className="mt-3">
            {lost && away && unit ? (
              <Button weight="main" onClick={() => void navigate(`/kit/look/away/${beginAway(away, unit)}`)}>
                Look it over
              </Button>
            ) : (
              <Button writes weight="main" disabled={begin.isPending} onClick={() => begin.mutate(undefined)}>
                Look it over
              </Button>
            )}
          </p>
          <Complaint problem={begin.error} besides={[]} />
          <h2 className="mt-6 text-lg">Looked over</h2>
          {data.looks.length === 0 && onThisDevice.length === 0 && (
            <p className="text-soft">None yet. A look-over waits here when it is left half done.</p>
          )}
          <ul>
            {lost &&
              onThisDevice.map(({ key, says }) => (
                <li key={key} className="border-t border-rule">
                  <Link to={`/kit/look/away/${key}`} className="block py-2.5 hover:bg-wood">
                    <strong className="block underline decoration-rule underline-offset-4">{says}</strong>
                    <span className="block text-sm text-soft">On this device, not sent yet.</span>
                  </Link>
                </li>
              ))}
            {data.looks.map((look) => (
              <li key={look.id} className="border-t border-rule">
                <Link to={`/kit/look/${look.id}`} className="flex items-center gap-4 py-2 hover:bg-wood">
                  <SmallTool outline={data.outlines[look.form]} width={84} height={56} />
                  <span>
                    <strong className="block underline decoration-rule underline-offset-4">
                      {look.name}
                    </strong>
                    <span className="block text-sm text-soft">
                      {asDate(look.begunAt)}: {look.says}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </div>
        <Checks kind={kind} />
      </div>
    </>
  )
}
