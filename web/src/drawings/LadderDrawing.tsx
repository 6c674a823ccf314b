import clsx from 'clsx'
import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { path } from './geometry'
import { Hatch } from './Hatch'
import { ladderLayout, type Tread } from './ladderLayout'

interface LadderDrawingProps {
  rungs: readonly Schemas['Rung'][]
  money: (cost: number) => string
  width: number
  height: number
}

/** The ladder: cost along, works unlocked up. The first tread, the next to climb, is hatched. */
export function LadderDrawing({ rungs, money, width, height }: LadderDrawingProps) {
  const layout = ladderLayout(rungs, width, height)
  const next = layout.treads.find((tread) => tread.to.x > tread.from.x)
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
      {layout.treads.map((tread, index) => (
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
      <path d={stairs(layout.treads)} className="fill-none stroke-ink" strokeWidth={2.5} />
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
          <Names tread={tread} left={layout.left} />
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
  return tread.ticks.map((x, index) => (
    <circle
      key={index}
      cx={x}
      cy={tread.from.y}
      r={tread.made ? 4 : 3}
      className={clsx('stroke-ink', tread.made ? 'fill-sheet' : 'fill-ink')}
      strokeWidth={1.5}
    />
  ))
}

/** What a riser unlocks, to the side where there is room. */
function Names({ tread, left }: { tread: Tread; left: number }) {
  const before = tread.to.x - left > 190
  return tread.works.map((work) => (
    <text
      key={work.id}
      x={tread.to.x + (before ? -9 : 9)}
      y={work.y + 16}
      textAnchor={before ? 'end' : 'start'}
      className="halo font-bold"
    >
      {work.name}
    </text>
  ))
}
