import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { edgePage, edgePlan, pulse } from '@/api/queries'
import { detailScaleFor, EdgeDrawing } from '@/drawings/EdgeDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { DiaryLines } from '@/parts/DiaryLines'
import { Enlargement } from '@/parts/Enlargement'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { Overtaken } from '@/parts/Overtaken'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { useDraft } from '@/parts/useDraft'
import { useChange } from '@/parts/useChange'
import { EdgeNav } from '@/places/edges/EdgesNav'
import { Conditions } from './Conditions'
import { Measures } from './Measures'
import { OneTap } from './OneTap'
import { OtherSchools } from './OtherSchools'
import { PlanSteps } from './PlanSteps'
import { StopEarly } from './StopEarly'
import { Writes } from '@/parts/Writes'

// How much larger than it fits by itself the detail may be drawn.
const CLOSER = [1, 2, 4, 8]
// CSS pixels in a millimetre, to say how many times true size a drawing is.
const PIXELS_PER_MM = 96 / 25.4
const NOTHING: Schemas['EdgeFormRequest'] = {
  bevelLength: '',
  thickness: '',
  give: '',
  nickDepth: '',
  backLength: '',
  outOfFlat: '',
  newAngle: '',
  relief: '',
  stopUm: '',
  condition: '',
}

/** One edge: its section, what is wrong with it, the plan. */
export function EdgePage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(edgePage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['EdgePage']; unit: string }) {
  const { edge } = page
  const base = { ...NOTHING, nickDepth: page.nickTyped, condition: edge.condition }
  const draft = useDraft(`edge ${edge.id}`, base, unit, edge.version)
  const plan = useQuery(edgePlan(edge.id, draft.values)).data
  const [closer, setCloser] = useState(1)
  const start = useRecord(edge.id, draft, 'sessions')
  const keep = useRecord(edge.id, draft, 'bevel')
  const report = useRecord(edge.id, draft, 'condition')
  const navigate = useNavigate()
  if (!plan) return <Waiting />
  const begin = plan.steps.length > 0 && page.running === null ? () => start.mutate(undefined) : null
  const problem = start.error ?? keep.error ?? report.error

  return (
    <>
      <Heading title={edge.name} says={`${edge.tool}. ${edge.says}.`} />
      <EdgeNav edge={edge} />
      <Board
        next={
          <>
            {draft.overtaken && <Overtaken name={edge.name} onKeep={draft.keep} onDrop={draft.clear} />}
            {problem && <Notice>{problem.message}</Notice>}
            <NextStroke
              says={plan.next.says}
              why={plan.minutes ? `${plan.minutes} ${plan.next.why}` : plan.next.why}
            >
              {page.running !== null ? (
                <Button weight="main" onClick={() => void navigate(`/sessions/${page.running}`)}>
                  Go on at the bench
                </Button>
              ) : (
                begin && (
                  <Button writes weight="main" keys="Ctrl Enter" disabled={start.isPending} onClick={begin}>
                    Start at the bench
                  </Button>
                )
              )}
              {plan.rackIsEmpty && (
                <Writes>
                  <MainLink to="/edges/rack?stone=new">Put a stone on the rack</MainLink>
                </Writes>
              )}
              {page.running === null && draft.values.condition !== edge.condition && (
                <Button writes disabled={report.isPending} onClick={() => report.mutate(undefined)}>
                  Only note it
                </Button>
              )}
              <How how={plan.how} />
            </NextStroke>
          </>
        }
        drawing={
          <Sheet
            title={`Section of the ${edge.name}`}
            says={`${sectionSays(plan.drawn)} ${plan.next.why}`}
            block={(box) => [
              ['Section', plan.angle ? 'as measured' : 'from the record'],
              [
                'The edge, drawn',
                `×${Math.round((detailScaleFor(plan.drawn, box.width, box.height) * closer) / PIXELS_PER_MM)}`,
              ],
              ['Honed bevel', honedBevel(plan.drawn)],
            ]}
            height={(width) => Math.max(230, Math.min(430, width * 0.6))}
            controls={<Enlargement says="Closer" value={closer} choices={CLOSER} onChange={setCloser} />}
          >
            {(box) => (
              <EdgeDrawing
                drawn={plan.drawn}
                detailScale={detailScaleFor(plan.drawn, box.width, box.height) * closer}
                {...box}
              />
            )}
          </Sheet>
        }
        below={
          <>
            <OtherSchools schools={plan.schools} />
            <section className="mt-6">
              <h2 className="mb-1 text-lg">Recorded lately</h2>
              <DiaryLines
                entries={page.diary}
                empty="Nothing was recorded on this page yet. What happened before stands under Diary and forecast."
              />
            </section>
          </>
        }
        column={
          <>
            <Conditions
              conditions={page.conditions}
              value={draft.values.condition}
              onChange={(condition) => draft.change({ condition, stopUm: '' })}
            />
            <div className="mt-6">
              <Readings title="Measure it, or go straight on" onRecord={begin}>
                <Measures
                  values={draft.values}
                  readings={plan.readings}
                  thickness={edge.thickness}
                  onChange={draft.change}
                />
              </Readings>
            </div>
            <Angle plan={plan}>
              {plan.angle && (
                <Button writes disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
                  Save this angle
                </Button>
              )}
            </Angle>
            <Writes>
              <OneTap edge={edge} />
            </Writes>
            <PlanSteps plan={plan} />
            <StopEarly
              earlier={plan.earlier}
              stopUm={draft.values.stopUm}
              onChange={(stopUm) => draft.change({ stopUm })}
            />
          </>
        }
      />
    </>
  )
}

const sectionSays = ({ primaryDeg, secondaryDeg, thickness }: Schemas['DrawnEdge']): string =>
  `Ground at ${primaryDeg.toFixed(1)} degrees, honed at ${secondaryDeg.toFixed(1)}, ${thickness} thick.`

function honedBevel(drawn: Schemas['DrawnEdge']): string {
  if (drawn.contactLengthMm === 0) return 'one bevel'
  return drawn.recessionMm > 0 ? `then ${drawn.contactLength}` : drawn.contactLength
}

interface Draft {
  values: Schemas['EdgeFormRequest']
  version: number
  clear: () => void
}

/** Records what is on the page: starts the session, keeps the angle, or notes the condition. */
function useRecord(edge: number, draft: Draft, what: 'sessions' | 'bevel' | 'condition') {
  const navigate = useNavigate()
  return useChange(
    async () => {
      const body = { ...draft.values, version: draft.version }
      const params = { path: { edge } }
      if (what === 'bevel')
        return void (await answered(client.POST('/api/edges/{edge}/bevel', { params, body })))
      if (what === 'condition')
        return void (await answered(client.POST('/api/edges/{edge}/condition', { params, body })))
      return (await answered(client.POST('/api/edges/{edge}/sessions', { params, body }))).id
    },
    (session) => {
      draft.clear()
      if (session !== undefined) void navigate(`/sessions/${session}`)
    },
  )
}

function Angle({ plan, children }: { plan: Schemas['EdgePlan']; children: React.ReactNode }) {
  return (
    <div className="mt-2 flex min-h-11 flex-wrap items-baseline gap-x-3">
      {plan.angle && (
        <span className="font-slab text-3xl font-semibold" data-testid="angle">
          {plan.angle.text} <span className="text-lg">{plan.angle.give}</span>
        </span>
      )}
      <span className="text-soft">{plan.angleSays}</span>
      {children}
    </div>
  )
}
