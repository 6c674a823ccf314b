import { useQuery } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { planNeeds, planPreview, pulse } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { FigureField } from '@/parts/FigureField'
import { Complaint } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { Readings } from '@/parts/Readings'
import { useAhead } from '@/parts/useAhead'
import { useChange } from '@/parts/useChange'
import { useLater } from '@/parts/useLater'
import { useSettled } from '@/parts/useSettled'
import { useTyped } from '@/parts/useTyped'
import { TrueNav } from '@/places/true/TrueNav'
import { CuttingList } from './CuttingList'
import { hours } from './hours'
import { Needs } from './Needs'
import { PlanSheet } from '@/parts/PlanSheet'
import { Steps } from './Steps'
import { Template } from './Template'

/** One plan with its sizes chosen. */
export function PlanPage() {
  const { plan = '' } = useParams()
  const unit = useQuery(pulse()).data?.unit
  const { data, error } = useQuery(planPreview(plan, { figures: {}, blanks: {} }))
  // Waited for at the beginning: the next stroke must not change under somebody's finger.
  const needs = useQuery(planNeeds(plan, { figures: {}, blanks: {} }))
  const problem = error ?? needs.error
  if (problem && !(data && needs.data)) return <Lost problem={problem} />
  return data && needs.data && unit ? (
    <Page key={plan} plan={plan} usual={data} usualNeeds={needs.data} unit={unit} />
  ) : (
    <Waiting />
  )
}

interface PageProps {
  plan: string
  /** The plan at its usual sizes: what it asks for. */
  usual: Schemas['PlanPreview']
  usualNeeds: Schemas['PlanNeeds']
  unit: string
}

const NOTHING: Record<string, string> = {}

function Page({ plan, usual, usualNeeds, unit }: PageProps) {
  const navigate = useNavigate()
  const draft = useTyped(
    `plan ${plan}`,
    NOTHING,
    unit,
    1,
    usual.fields.filter((field) => field.isLength).map((field) => field.name),
  )
  const [blanks, setBlanks] = useState<Record<string, string>>({})
  const [name, setName] = useState('')
  const choose = useCallback(
    (part: string, blank: string) => setBlanks((chosen) => ({ ...chosen, [part]: blank })),
    [],
  )
  const figures = draft.values
  const { data = usual } = useQuery(planPreview(plan, { figures, blanks: NOTHING }))
  const type = useAhead(figures, draft.change, (typed) =>
    planPreview(plan, { figures: typed, blanks: NOTHING }),
  )
  // Wood and tools hardly change with a size: they wait for a pause, and leave the key its time.
  const { data: needs = usualNeeds } = useQuery(planNeeds(plan, { figures: useSettled(figures), blanks }))
  // The drawing follows the key first, and what is read after it a moment later.
  const later = useLater(data)
  const begin = useChange(
    () =>
      answered(
        client.POST('/api/plans/{plan}/makings', {
          params: { path: { plan } },
          body: { figures, blanks, name },
        }),
      ),
    (made) => void navigate(`/true/plans/makings/${made.id}`),
  )
  const next = later.wrong ?? needs.next
  const canBegin = !later.wrong && needs.wood.every((wood) => wood.wrong === null)

  return (
    <>
      <Heading title={sentence(later.label)} says={later.says} />
      <TrueNav />
      <Board
        next={
          <NextStroke says={next.says} why={next.why}>
            <Button
              writes
              weight="main"
              disabled={!canBegin || begin.isPending}
              onClick={() => begin.mutate(undefined)}
            >
              Begin to make it
            </Button>
            {draft.touched && <Button onClick={draft.clear}>The usual sizes</Button>}
            <How how={later.how} />
          </NextStroke>
        }
        drawing={<PlanSheet preview={data} />}
        below={
          <>
            <Lines lines={later.lines} />
            <CuttingList parts={later.parts} needs={needs} chosen={blanks} onChoose={choose} />
            <Steps steps={later.steps} done={0} />
            <p className="mt-4 max-w-2xl border-l-4 border-red pl-3 text-sm">{later.caution}</p>
          </>
        }
        column={
          <>
            <Readings title="Its sizes" onRecord={null}>
              {later.fields.map((field) => (
                <FigureField
                  key={field.name}
                  field={field}
                  value={figures[field.name] ?? ''}
                  reading={later.figures[field.name]}
                  onType={type}
                />
              ))}
            </Readings>
            <Complaint problem={begin.error} besides={[]} />
            <p className="mt-3">
              {sentence(hours(later.minutes))} at the bench
              {later.days > 0 && `, and ${later.days} days of waiting between`}.
            </p>
            <PlainField wide label="Called" value={name} placeholder={later.label} onChange={setName} />
            <Needs needs={needs} />
            <Template
              plan={plan}
              figures={typedOf(later.figures)}
              sheets={later.sheets}
              isSound={!later.wrong}
            />
          </>
        }
      />
    </>
  )
}

/** What was typed for the sizes that are shown. */
const typedOf = (figures: Schemas['PlanPreview']['figures']): Record<string, string> =>
  Object.fromEntries(Object.entries(figures).map(([name, { typed }]) => [name, typed]))

const sentence = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
