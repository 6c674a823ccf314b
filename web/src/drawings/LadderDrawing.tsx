import clsx from 'clsx'
import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { path } from './geometry'
import { Hatch } from './Hatch'
import { ladderLayout, type Tread, standsBefore } from './ladderLayout'

interface LadderDrawingProps {
  rungs: readonly Schemas['Rung'][]
  /** What the budget does not reach for: drawn, but not built. */
  beyond: Schemas['Rung'] | null
  money: (cost: number) => string
  width: number
  height: number
}

/** The ladder: cost along, works unlocked up. The first tread, the next to climb, is hatched. */
export function LadderDrawing({ rungs, beyond, money, width, height }: LadderDrawingProps) {
  const layout = ladderLayout(beyond ? [...rungs, beyond] : rungs, width, height)
  const built = beyond ? layout.treads.slice(0, -1) : layout.treads
  const open = beyond ? layout.treads.at(-1) : undefined
  const next = built.find((tread) => tread.to.x > tread.from.x)
  const hatch = useId()

  return (
    <g>
      <defs>
        <Hatch id={hatch} />
      </defs>
      {layout.costs.map((tick) => (
        <g key={tick.cost}>
          <line x1={tick.at} x2={tick.at} y1={24} y2={layout.floor} className="stroke-grid" />
          <text x={tick.at} y={layout.floor + 18} textAnchor="middle" className="fill-soft">
            {money(tick.cost)}
          </text>
        </g>
      ))}
      {built.map((tread, index) => (
        <path
          key={index}
          d={path([
            tread.from,
            tread.to,
            { x: tread.to.x, y: layout.floor },
            { x: tread.from.x, y: layout.floor },
          ])}
          fill={tread === next ? `url(#${hatch})` : undefined}
          className={tread === next ? undefined : 'fill-wood'}
        />
      ))}
      <path d={stairs(built)} className="fill-none stroke-ink" strokeWidth={2.5} />
      {open && (
        <path d={stairs([open])} className="fill-none stroke-ink" strokeWidth={2.5} strokeDasharray="7 5" />
      )}
      <line
        x1={layout.left}
        x2={layout.right}
        y1={layout.floor}
        y2={layout.floor}
        className="stroke-ink"
        strokeWidth={1.5}
      />
      {layout.treads.map((tread, index) => (
        <g key={index}>
          <Ticks tread={tread} />
          <Names tread={tread} left={layout.left} right={layout.right} />
        </g>
      ))}
    </g>
  )
}

const stairs = (treads: readonly Tread[]) =>
  path(
    treads.flatMap((tread) => [tread.from, tread.to, { x: tread.to.x, y: tread.top }]),
    false,
  )

/** Where each tool is paid for; what is made is a ring. */
function Ticks({ tread }: { tread: Tread }) {
  return tread.ticks.map((tick, index) => (
    <circle
      key={index}
      cx={tick.at}
      cy={tread.from.y}
      r={tick.made ? 4 : 3}
      className={clsx('stroke-ink', tick.made ? 'fill-sheet' : 'fill-ink')}
      strokeWidth={1.5}
    />
  ))
}

/** What a riser unlocks, to the side where there is room. */
function Names({ tread, left, right }: { tread: Tread; left: number; right: number }) {
  const before = standsBefore(tread, left, right)
  return tread.works.map((work) => (
    <text
      key={`${work.id} ${work.well}`}
      x={tread.to.x + (before ? -9 : 9)}
      y={work.y + 16}
      textAnchor={before ? 'end' : 'start'}
      className="halo"
    >
      <tspan className="font-bold">{work.name}</tspan>, {work.well}
    </text>
  ))
}
