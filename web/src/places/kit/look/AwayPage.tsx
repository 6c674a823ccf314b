import { useState } from 'react'
import { Link, Navigate, useParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Notice, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { type AwayKind, type FoundAway, placeOf, useLookAway } from './away'
import { CheckCard } from './CheckCard'
import { CheckList } from './CheckList'
import { following } from './following'

/** A tool looked over where the bench does not answer: the checks, and the price that was reckoned beforehand. */
export function AwayPage() {
  const { key = '' } = useParams()
  const look = useLookAway(key)
  if (look.id !== null) return <Navigate to={`/kit/look/${look.id}`} replace />
  if (!look.body) return <Navigate to="/kit/look" replace />
  // On its way to the bench: what is tapped now would come too late for it.
  if (!look.lost || !look.kind) return <Waiting />
  return look.body.state === 'open' ? (
    <Open look={look} kind={look.kind} asked={look.body.asked ?? ''} />
  ) : (
    <Settled name={look.kind.name} isBought={look.body.state === 'bought'} />
  )
}

interface OpenProps {
  look: ReturnType<typeof useLookAway>
  kind: AwayKind
  asked: string
}

function Open({ look, kind, asked }: OpenProps) {
  const [chosen, setChosen] = useState<string | null>(null)
  const checks = kind.checks.map((check) => checkOf(check, look.found(check.id)))
  const over = checks.find((check) => check.outcome === 'walk-away')
  const check = checks.find(({ id }) => id === (chosen ?? following(checks, {}, '')))
  const most = kind.most[placeOf(kind.checks, (id) => look.found(id).outcome)] ?? 0
  const on = (from: string) => setChosen(following(checks, {}, from))

  return (
    <>
      <Heading title={kind.name} says="second-hand, looked over without a connection" />
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-[minmax(0,min(34rem,55%))_minmax(0,1fr)]">
        <div>
          {check && !over ? (
            <CheckCard
              key={check.id}
              check={check}
              place={checks.indexOf(check) + 1}
              of={checks.length}
              typed={[]}
              onReadings={() => undefined}
              onOutcome={(outcome) => {
                look.find(check.id, { outcome })
                on(check.id)
              }}
              onNext={() => on(check.id)}
            />
          ) : (
            <section aria-label="Next stroke" className="border-t-4 border-ink pt-3">
              <p className="font-slab text-[1.65rem] leading-[1.15] font-semibold" data-testid="next-stroke">
                {over ? 'Walk away.' : `Offer up to € ${most}.`}
              </p>
              <p className="mt-2 text-soft">
                {over ? over.says : 'That is what a good one is worth to you, less what is to be put right.'}
              </p>
            </section>
          )}
          {check && !over && (
            <Measured
              check={kind.checks.find(({ id }) => id === check.id)}
              readings={look.found(check.id).readings}
              onType={(readings) => {
                setChosen(check.id)
                look.find(check.id, { readings })
              }}
            />
          )}
          <section className="mt-4 border-t border-rule pt-3">
            <div className="flex items-baseline gap-4" data-testid="answer">
              <p className="shrink-0 font-slab text-4xl leading-none font-semibold whitespace-nowrap">
                € {over ? 0 : most}
              </p>
              <p className="text-soft">
                at most to offer, by {kind.good} for a good one and {look.perHour} for your hour. Other prices
                when connected.
              </p>
            </div>
            <PlainField
              label="Asked at the stall"
              value={asked}
              placeholder="–"
              before="€"
              onChange={(typed) => look.change({ asked: typed })}
            />
          </section>
          <div className="mt-4 flex flex-wrap gap-x-5 gap-y-2">
            <Button
              weight={check && !over ? 'quiet' : 'main'}
              onClick={() => look.change({ state: 'bought' })}
            >
              Bought it{asked.trim() !== '' && ` for ${asked}`}
            </Button>
            <Button onClick={() => look.change({ state: 'left' })}>Left it there</Button>
          </div>
        </div>
        <div>
          <CheckList checks={checks} shown={check?.id ?? null} onChoose={setChosen} />
          <p className="mt-4 text-sm text-soft">Photographs and sizes when connected.</p>
          <p className="mt-4 border-l-4 border-red pl-3 text-sm">{look.caution}</p>
        </div>
      </div>
    </>
  )
}

interface MeasuredProps {
  check: AwayKind['checks'][number] | undefined
  readings: readonly string[]
  onType: (readings: string[]) => void
}

/** What is read off a rule is written down here and judged when the bench answers; the eye decides until then. */
function Measured({ check, readings, onType }: MeasuredProps) {
  return (check?.labels ?? []).map((label, index) => (
    <PlainField
      key={label}
      label={label.charAt(0).toUpperCase() + label.slice(1)}
      hint={`${check?.sound ?? ''}; judged when connected`}
      value={readings[index] ?? ''}
      placeholder="–"
      onChange={(text) =>
        onType((check?.labels ?? []).map((_, at) => (at === index ? text : (readings[at] ?? ''))))
      }
    />
  ))
}

function Settled({ name, isBought }: { name: string; isBought: boolean }) {
  return (
    <>
      <Heading title={name} says={isBought ? 'Bought.' : 'Left at the stall.'} />
      <Notice>It is recorded as soon as the bench answers.</Notice>
      <p className="mt-4">
        <Link to="/kit/look" className="min-h-8 underline underline-offset-4">
          Another tool
        </Link>
      </p>
    </>
  )
}

/** A check as it is shown with connection, but for what is measured. */
function checkOf(check: AwayKind['checks'][number], { outcome }: FoundAway): Schemas['LookCheck'] {
  const says = outcome === 'mend' ? check.mending : outcome === 'walk-away' ? check.walkAway : null
  return {
    ...check,
    outcome,
    says: says ? `${says.charAt(0).toUpperCase()}${says.slice(1)}.`.replace('..', '.') : '',
    labels: [],
    typed: [],
    readings: [],
    sound: null,
  }
}
