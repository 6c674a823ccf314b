import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { kit } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { AskLatest } from './HowIsIt'
import { KitNav } from './KitNav'
import { Prices } from './Prices'
import { ToolBoard } from './ToolBoard'
import { WorkStates } from './WorkStates'

/** The tools on their board, what to get next, and the works they are for. */
export function KitPlace() {
  const { data, error } = useQuery(kit())
  const got = useGot()
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading title="Kit" says={counts(data.board)} />
      <KitNav />
      <Board
        next={
          <>
            <NextStroke says={data.next.says} why={data.next.why}>
              <MainButton next={data.next} works={data.works} got={got} />
              <How how={data.how} />
            </NextStroke>
            {got.error && <GotProblem problem={got.error} />}
            <AskLatest />
          </>
        }
        drawing={
          <ToolBoard
            tools={data.board}
            shapes={data.shapes}
            groups={data.groups}
            rack={data.rack}
            marked={data.next.toolId}
          />
        }
        column={
          <>
            <WorkStates works={data.works} sentence={data.plan.sentence} />
            <Prices tools={data.wanted} />
          </>
        }
      />
    </>
  )
}

function counts(board: readonly Schemas['BoardTool'][]): string {
  const owned = board.filter((row) => row.status === 'owned').length
  const wanted = board.length - owned
  if (board.length === 0) return 'An empty board. Hang up what you have; five minutes are enough.'
  return `${owned} ${owned === 1 ? 'tool hangs' : 'tools hang'} here${wanted > 0 ? `, ${wanted} on the list` : ''}.`
}

function MainButton({
  next,
  works,
  got,
}: {
  next: Schemas['KitNext']
  works: readonly Schemas['Work'][]
  got: ReturnType<typeof useGot>
}) {
  if (works.every((work) => !work.chosen)) return <MainLink to="/work">Choose a work</MainLink>
  if (next.offer === null) return null
  return (
    <Button writes weight="main" disabled={got.isPending} onClick={() => got.mutate(next)}>
      {next.made ? 'Made it: hang it up' : 'Got it: hang it up'}
    </Button>
  )
}

/** What the next stroke names is there now: the record of the list, or a new one from the plan. */
function useGot() {
  const queries = useQueryClient()
  return useChange(async (next: Schemas['KitNext']) => {
    const wanted = queries.getQueryData<Schemas['Kit']>(kit().queryKey)?.wanted ?? []
    const tool = wanted.find((row) => row.id === next.toolId)
    return tool
      ? answered(
          client.POST('/api/tools/{tool}/got', {
            params: { path: { tool: tool.id } },
            body: { version: tool.version },
          }),
        )
      : answered(
          client.POST('/api/kit/offers/{offer}/got', { params: { path: { offer: next.offer ?? '' } } }),
        )
  })
}

function GotProblem({ problem }: { problem: Error }) {
  return (
    <Notice>
      {problem instanceof Refused && problem.changedElsewhere
        ? 'It was changed in another window meanwhile. The board shows it as it is now.'
        : problem.message}
    </Notice>
  )
}
