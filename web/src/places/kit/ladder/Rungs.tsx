import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { ToolOutline } from '@/drawings/ToolOutline'
import { Button } from '@/parts/Button'
import { asMonth } from '@/parts/dates'
import { useChange } from '@/parts/useChange'
import { TakeButton } from './TakeButton'

interface RungsProps {
  rungs: readonly Schemas['Rung'][]
  /** What the budget buys of a rung that it does not reach for. */
  meanwhile: Schemas['Rung'] | null
}

/** The rungs one after the other, each tool with its price, what it is for and its way onto the board. */
export function Rungs({ rungs, meanwhile }: RungsProps) {
  const steps = rungs.filter((rung) => rung.tools.length > 0)
  const ready = rungs.filter((rung) => rung.tools.length === 0).flatMap((rung) => rung.unlocks)

  return (
    <>
      {ready.length > 0 && (
        <p className="border-t border-rule py-2">
          ✓ With what hangs here already: {ready.map((work) => `${work.name}, ${work.well}`).join('; ')}.
        </p>
      )}
      <ol>
        {steps.map((rung, index) => (
          <li key={index} className="border-t-2 border-ink py-2">
            <div className="flex flex-wrap items-baseline gap-x-4">
              <h2 className="text-lg">
                {index + 1}. {rung.made ? 'Make' : 'Get'} for {rung.costText}
              </h2>
              <span className="text-soft">
                {rung.toText} in all{rung.month && `, by ${asMonth(rung.month)}`}
              </span>
            </div>
            {rung.late && <p className="font-bold text-red">{rung.late}</p>}
            <ul>
              {rung.tools.map((tool) => (
                <Line key={tool.offer} tool={tool} />
              ))}
            </ul>
            {rung.unlocks.map((work) => (
              <Unlocked key={work.id} work={work} />
            ))}
          </li>
        ))}
      </ol>
      {meanwhile && (
        <section className="border-t-2 border-ink py-2">
          <h2 className="text-lg">Meanwhile, for {meanwhile.costText}</h2>
          <ul>
            {meanwhile.tools.map((tool) => (
              <Line key={tool.offer} tool={tool} />
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

function Unlocked({ work }: { work: Schemas['Reached'] }) {
  return (
    <p className="border-t border-rule py-1.5">
      ✓{' '}
      <Link to={`/work/works/${work.id}`} className="font-bold underline decoration-rule underline-offset-4">
        {work.name}
      </Link>
      , {work.well} <span className="text-soft">– {work.like}</span>
    </p>
  )
}

function Line({ tool }: { tool: Schemas['RungTool'] }) {
  const { outline } = tool
  const scale = Math.min(64 / outline.widthMm, 34 / outline.heightMm)
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-t border-rule py-1 sm:flex-nowrap">
      <span className="flex w-[72px] shrink-0 justify-center">
        <ToolOutline outline={outline} scale={scale} wanted />
      </span>
      <span className="grow basis-48">
        {tool.toolId === null ? (
          tool.name
        ) : (
          <Link to={`/kit/tools/${tool.toolId}`} className="underline decoration-rule underline-offset-4">
            {tool.name}
          </Link>
        )}
        {tool.made && <span className="text-sm text-soft"> about {tool.minutes} minutes to make</span>}
        {tool.plan && (
          <Link to={`/true/plans/${tool.plan}`} className="ml-2 text-sm underline underline-offset-4">
            by its plan
          </Link>
        )}
        <span className="block text-sm text-soft">{tool.for}</span>
      </span>
      <span className="shrink-0 text-sm text-soft">{tool.month && asMonth(tool.month)}</span>
      <span className="w-16 shrink-0 text-right font-slab text-lg font-semibold">{tool.costText}</span>
      <span className="flex w-28 shrink-0 justify-end gap-4 text-sm">
        {tool.toolId === null && !tool.made && <WantButton tool={tool} />}
        <TakeButton tool={tool} />
      </span>
    </li>
  )
}

/** Puts it on the user's own list, where it can have a price of its own. */
function WantButton({ tool }: { tool: Schemas['RungTool'] }) {
  const want = useChange(() =>
    answered(client.POST('/api/kit/offers/{offer}/want', { params: { path: { offer: tool.offer } } })),
  )
  return (
    <Button
      writes
      disabled={want.isPending}
      onClick={() => want.mutate(undefined)}
      aria-label={`put on the list: ${tool.name}`}
    >
      put on the list
    </Button>
  )
}
