import type { Schemas } from '@/api/client'
import { fittingFactor, path } from './geometry'

interface SticksDrawingProps {
  sticks: Schemas['SticksDrawn']
  width: number
  height: number
}

const FACTORS = [1, 2, 5, 10, 20, 50, 100, 200]
const DEEP = 24

const across = (width: number) => Math.min(width - 60, 520)

/** By how much tilts are drawn larger than they are. */
export const sticksFactor = (sticks: Schemas['SticksDrawn'], width: number): number =>
  fittingFactor(sticks.farMm, across(width) / sticks.lengthMm, 28, FACTORS)

/** The far stick as it lay first and turned: on a board without twist both would mirror each other. */
export function SticksDrawing({ sticks, width, height }: SticksDrawingProps) {
  const long = across(width)
  const lift = sticks.farMm * (long / sticks.lengthMm) * sticksFactor(sticks, width)
  return (
    <g>
      <Stick says="as it lay first" mark="right" top={48} {...{ width, long }} lift={lift} />
      <Stick says="turned end for end" mark="left" top={height / 2 + 28} {...{ width, long }} lift={-lift} />
      <text x={width / 2} y={height / 2 + 6} textAnchor="middle" className="halo">
        far stick {sticks.far} out
        {sticks.near ? `, near stick ${sticks.near}` : ''}; the board itself {sticks.board} over the sticks
      </text>
    </g>
  )
}

interface StickProps {
  says: string
  mark: 'left' | 'right'
  top: number
  width: number
  long: number
  /** How much higher the right end is drawn, px. */
  lift: number
}

function Stick({ says, mark, top, width, long, lift }: StickProps) {
  const [left, right] = [(width - long) / 2, (width + long) / 2]
  const body = [
    { x: left, y: top + lift / 2 },
    { x: right, y: top - lift / 2 },
    { x: right, y: top + DEEP },
    { x: left, y: top + DEEP },
  ]
  return (
    <g>
      <line x1={left - 12} x2={right + 12} y1={top} y2={top} className="stroke-soft" strokeDasharray="6 4" />
      <path d={path(body)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      <circle cx={mark === 'right' ? right - 14 : left + 14} cy={top + DEEP - 9} r={4} className="fill-ink" />
      <text x={left} y={top + DEEP + 20} className="fill-soft">
        {says}; the dot marks one end
      </text>
    </g>
  )
}
