import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { making, planPreview } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { TrueNav } from '@/places/true/TrueNav'
import { PlanSheet } from '@/parts/PlanSheet'
import { Steps } from './Steps'
import { Template } from './Template'
import { pageOf } from '@/shell/pages'
import { useRemoved } from '@/parts/useRemoved'

const NO_BLANKS = {}

/** Something that is being made: where it stands, and on to the bench. */
export function MakingPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(making(id))
  if (error && !data) return <Lost problem={error} />
  return data ? <Page at={data} /> : <Waiting />
}

function Page({ at }: { at: Schemas['Making'] }) {
  const preview = useQuery(planPreview(at.plan, { figures: at.figures, blanks: NO_BLANKS })).data
  return (
    <>
      <Heading title={at.name} says={`By the plan: ${at.label}.`} />
      <TrueNav />
      <Board
        columnFirst
        drawing={preview && <PlanSheet preview={preview} stands={standing(at)} />}
        below={<Steps steps={at.steps} done={at.done} isBegun />}
        column={
          <>
            <NextStroke says={at.next.says} why={at.next.why}>
              <Onward at={at} />
            </NextStroke>
            <p className="mt-4 border-l-4 border-red pl-3 text-sm">{at.caution}</p>
            <Template
              plan={at.plan}
              figures={at.figures}
              sheets={preview?.sheets ?? []}
              isSound={preview?.wrong === null}
            />
          </>
        }
      />
    </>
  )
}

/** How far it is, for the sheet. */
const standing = ({ steps, done }: Schemas['Making']): readonly (readonly [string, string])[] => [
  ['Done', `${done} of ${steps.length} steps`],
  ...(steps[done] ? ([['Now', steps[done].title]] as const) : []),
]

/** To the bench, to its first test, or off the list. */
function Onward({ at }: { at: Schemas['Making'] }) {
  const navigate = useNavigate()
  const work = useChange(
    (early: boolean) =>
      answered(
        client.POST('/api/makings/{making}/sessions', {
          params: { path: { making: at.id } },
          body: { version: at.version, early },
        }),
      ),
    (session) => void navigate(`/sessions/${session.id}`),
  )
  const removed = useRemoved('/true/plans')
  const leave = useChange(
    () =>
      answered(
        client.DELETE('/api/makings/{making}', {
          params: { path: { making: at.id } },
          body: { version: at.version },
        }),
      ),
    removed,
  )

  return (
    <>
      {at.isMade ? (
        <MainLink to={at.reference === null ? '/kit' : pageOf({ kind: 'reference', id: at.reference })}>
          {at.reference !== null ? 'Test it' : 'See it on the board'}
        </MainLink>
      ) : at.running !== null ? (
        <MainLink to={`/sessions/${at.running}`}>Go on at the bench</MainLink>
      ) : at.waitsUntil === null ? (
        <Button writes weight="main" disabled={work.isPending} onClick={() => work.mutate(false)}>
          To the bench
        </Button>
      ) : (
        <Button writes disabled={work.isPending} onClick={() => work.mutate(true)}>
          Go on all the same
        </Button>
      )}
      <Button writes disabled={leave.isPending} onClick={() => leave.mutate(undefined)}>
        {at.isMade ? 'Take it off the list' : 'Stop making it'}
      </Button>
      <Complaint problem={work.error ?? leave.error} besides={[]} />
    </>
  )
}
