import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, client, Refused, type Schemas } from '../../api/client'
import { kit } from '../../api/queries'
import { Board } from '../../parts/Board'
import { Button } from '../../parts/Button'
import { Heading } from '../../parts/Heading'
import { How } from '../../parts/How'
import { NextStroke } from '../../parts/NextStroke'
import { Lost, Notice, Waiting } from '../../parts/Notice'
import { Prices } from './Prices'
import { ToolBoard } from './ToolBoard'

const SCALE = 0.25

/** The tools, the work they are for, what it lacks, and the cheapest way to be able to do all of it. */
export function KitPlace() {
  const { data, error } = useQuery(kit())
  const got = useGot()
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  const purchase = data.plan.purchases.find((row) => row.toolId !== null)
  const tool = data.board.find((row) => row.id === purchase?.toolId)

  return (
    <>
      <Heading
        title="Kit"
        says={`${data.board.filter((row) => row.status === 'owned').length} tools hang here. The work: ${data.work.name}.`}
      />
      <Board
        columnFirst
        drawing={<ToolBoard tools={data.board} scale={SCALE} marked={tool?.id ?? null} />}
        column={
          <>
            <NextStroke
              says={data.plan.sentence}
              why={purchase?.why ?? 'Every operation has a method that is good enough.'}
            >
              {tool && (
                <Button weight="main" disabled={got.isPending} onClick={() => got.mutate(tool)}>
                  Got it: hang it up
                </Button>
              )}
              <How how={data.how} />
            </NextStroke>
            {got.error && <GotProblem problem={got.error} />}
            <Prices tools={data.board.filter((row) => row.status === 'wanted')} />
            <Operations work={data.work.name} rows={data.operations} />
          </>
        }
      />
    </>
  )
}

function useGot() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (tool: Schemas['Tool']) =>
      answered(
        client.POST('/api/tools/{tool}/got', {
          params: { path: { tool: tool.id } },
          body: { version: tool.version },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
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

const signs = { now: '✓', planned: '○', impossible: '×' } as const
const words = {
  now: 'can be done now',
  planned: 'possible once the plan is bought',
  impossible: 'no way yet',
} as const

function Operations({ work, rows }: { work: string; rows: readonly Schemas['Operation'][] }) {
  const order = { impossible: 0, planned: 1, now: 2 }
  const sorted = rows.toSorted((a, b) => order[a.state] - order[b.state])

  return (
    <section className="mt-5">
      <h2 className="text-lg">What the {work} ask for</h2>
      <ul>
        {sorted.map((row) => (
          <li key={row.id} className="flex gap-3 border-t border-rule py-1.5">
            <span
              role="img"
              className={row.state === 'now' ? 'text-ink' : 'font-bold text-red'}
              aria-label={words[row.state]}
            >
              {signs[row.state]}
            </span>
            <span>
              <strong>{row.name}</strong>
              <span className="block text-sm text-soft">
                {row.tools}
                {row.tools && ' – '}
                {row.says}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
