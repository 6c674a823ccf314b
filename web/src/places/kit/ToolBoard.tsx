import clsx from 'clsx'
import type { Schemas } from '../../api/client'
import { outlineOf } from '../../drawings/outlines'

interface ToolBoardProps {
  tools: readonly Schemas['Tool'][]
  /** Pixels for a millimetre: one scale for all of them. */
  scale: number
  marked: number | null
}

/** The board: every tool small, to one scale, in its own outline, hung by kind. Owned solid, wanted dashed. */
export function ToolBoard({ tools, scale, marked }: ToolBoardProps) {
  const groups = Map.groupBy(tools, (tool) => tool.group)

  return (
    <div className="border border-rule p-1">
      <div className="border border-ink bg-sheet">
        <div className="flex flex-wrap gap-x-6 px-4 pt-2 pb-4">
          {[...groups].map(([group, hung]) => (
            <section key={group} className="min-w-0 grow">
              <h2 className="border-b-2 border-ink py-1 text-base">{group}</h2>
              <ul className="flex flex-wrap items-start gap-x-4 gap-y-3">
                {hung.map((tool) => (
                  <Hung key={tool.id} tool={tool} scale={scale} marked={tool.id === marked} />
                ))}
              </ul>
            </section>
          ))}
        </div>
        <p className="flex flex-wrap gap-x-6 border-t border-ink px-4 py-1.5 text-sm">
          <Key dashed={false} says="owned" />
          <Key dashed says="wanted" />
          <span className="text-soft">all drawn to one scale</span>
        </p>
      </div>
    </div>
  )
}

function Hung({ tool, scale, marked }: { tool: Schemas['Tool']; scale: number; marked: boolean }) {
  const outline = outlineOf(tool.form, tool.sizeMm)
  const wanted = tool.status === 'wanted'
  const [width, height] = [outline.width * scale + 4, outline.height * scale + 4]

  return (
    <li
      className="flex flex-col"
      title={tool.says}
      data-testid={`tool-${tool.kind}`}
      data-status={tool.status}
    >
      <svg
        aria-hidden
        width={width}
        height={height}
        viewBox={`${-2 / scale} ${-2 / scale} ${width / scale} ${height / scale}`}
      >
        {outline.bodies.map((body, index) => (
          <path
            key={index}
            d={body}
            fillRule="evenodd"
            vectorEffect="non-scaling-stroke"
            className={clsx(
              wanted ? 'fill-none' : 'fill-steel',
              marked ? 'stroke-blue' : wanted ? 'stroke-soft' : 'stroke-ink',
            )}
            strokeWidth={marked ? 2 : 1.25}
            strokeDasharray={wanted ? '4 3' : undefined}
          />
        ))}
        {outline.details.map((detail, index) => (
          <path
            key={index}
            d={detail}
            vectorEffect="non-scaling-stroke"
            className={clsx('fill-none', wanted ? 'stroke-soft' : 'stroke-ink')}
            strokeWidth={1}
          />
        ))}
      </svg>
      <span
        className={clsx(
          'mt-1 max-w-28 min-w-16 text-xs leading-tight',
          wanted ? 'text-soft' : 'text-ink',
          marked && 'font-bold',
        )}
      >
        {tool.name}
      </span>
    </li>
  )
}

function Key({ dashed, says }: { dashed: boolean; says: string }) {
  return (
    <span className="flex items-center gap-2">
      <svg aria-hidden width={26} height={14}>
        <rect
          x={1}
          y={1}
          width={24}
          height={12}
          className={dashed ? 'fill-none stroke-soft' : 'fill-steel stroke-ink'}
          strokeDasharray={dashed ? '4 3' : undefined}
        />
      </svg>
      {says}
    </span>
  )
}
