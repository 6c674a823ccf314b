import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { idle } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Toggle } from '@/parts/Toggle'
import { useChange } from '@/parts/useChange'
import { useOutlines } from '@/parts/useOutlines'
import { KitNav } from '@/places/kit/KitNav'
import { IdleTool } from './IdleTool'
import { NotHere } from './NotHere'

/** What is used and what is not; what could go without loss; what is lent and put away. */
export function IdlePage() {
  const { data, error } = useQuery(idle())
  if (error && !data) return <Lost problem={error} />
  return data ? <Page data={data} /> : <Waiting />
}

type Which = 'byWorth' | 'byNumber'

function Page({ data }: { data: Schemas['Idle'] }) {
  const [which, setWhich] = useState<Which>('byWorth')
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set())
  const outlines = useOutlines()
  const set = data[which]
  const goes = new Set(set.ids.filter((id) => !left.has(id)))
  const away = useChange(
    () => answered(client.POST('/api/kit/idle/away', { body: { tools: [...goes] } })),
    () => setLeft(new Set()),
  )
  const choose = (id: number, isGoing: boolean) => {
    const now = new Set(left)
    if (isGoing) now.delete(id)
    else now.add(id)
    setLeft(now)
  }

  return (
    <>
      <Heading
        title="Idle"
        says="What earns its place on the wall, and what could go without any chosen work being done worse."
      />
      <KitNav />
      <Board
        columnFirst
        drawing={
          <ul className="border border-rule bg-sheet px-4">
            {data.tools.length === 0 && (
              <li className="py-3 text-soft">What hangs in the kit is listed here, idle tools first.</li>
            )}
            {data.tools.map((tool) => (
              <IdleTool
                key={tool.id}
                tool={tool}
                outline={outlines.get(tool.id)}
                isGoing={set.ids.includes(tool.id) ? goes.has(tool.id) : null}
                onGoing={(isGoing) => choose(tool.id, isGoing)}
              />
            ))}
          </ul>
        }
        column={
          <>
            <NextStroke says={data.next.says} why={data.next.why}>
              {goes.size > 0 && (
                <Button writes weight="main" disabled={away.isPending} onClick={() => away.mutate(undefined)}>
                  Put {goes.size === 1 ? 'it' : `these ${goes.size}`} away
                </Button>
              )}
            </NextStroke>
            {set.ids.length > 0 && (
              <div className="mt-4 flex flex-wrap items-baseline justify-between gap-3 border-y border-rule py-1.5">
                <span>The largest set</span>
                <Toggle
                  label="The largest set"
                  options={[
                    { value: 'byWorth', label: `by worth, ${data.byWorth.worth}` },
                    { value: 'byNumber', label: `by number, ${data.byNumber.ids.length}` },
                  ]}
                  value={which}
                  onChoose={(chosen) => setWhich(chosen as Which)}
                />
              </div>
            )}
            {set.ids.length > 0 && (
              <p className="mt-1 text-sm text-soft">
                {set.isProven
                  ? 'Proven: no larger set loses nothing. Untick what you would rather have.'
                  : 'The search was stopped early: there may be a larger one.'}
              </p>
            )}
            <Complaint problem={away.error} besides={[]} />
            <NotHere title="Lent" tools={data.lent} empty="Nothing is out." does="It is back" />
            <NotHere
              title="Put away"
              tools={data.away}
              empty="Nothing is put away. It would leave the board, not the record."
              does="Hang it up again"
            />
            <Purchases purchases={data.purchases} />
          </>
        }
      />
    </>
  )
}

function Purchases({ purchases }: { purchases: readonly Schemas['BoughtFor'][] }) {
  if (purchases.length === 0) return null
  return (
    <section className="mt-5">
      <h2 className="text-lg">Latest arrivals</h2>
      <ul>
        {purchases.map((one) => (
          <li key={one.id} className="border-t border-rule py-1.5">
            {one.name}
            <span className="block text-sm text-soft">
              Got for {one.boughtFor}. {one.usedFor}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
