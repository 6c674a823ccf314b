import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { path } from './geometry'
import { Hatch } from './Hatch'
import { type StraightDrawn, straightedgeLayout } from './straightedgeLayout'

interface StraightedgeProfileProps {
  drawn: StraightDrawn
  strokes: readonly Schemas['StraightedgeStroke'][]
  /** Strokes of the list that are done in this picture. */
  done: number
  factor: number
  width: number
  height: number
}

const STROKE_ROW = 20
const BODY = 34

/** An edge along its length: what stands proud of the line to be planed to, where light shows, and every stroke. */
export function StraightedgeProfile({
  drawn,
  strokes,
  done,
  factor,
  width,
  height,
}: StraightedgeProfileProps) {
  const id = useId()
  const baseline = 128
  const { edge, line, top, at } = straightedgeLayout(drawn, factor, width, baseline)
  const [left, right] = line
  const shown = strokes.slice(0, Math.max(0, Math.floor((height - baseline - BODY - 40) / STROKE_ROW)))

  return (
    <g>
      <defs>
        <Hatch id={id} />
      </defs>
      <path d={path([top[0], top[1], ...edge.toReversed()])} className="fill-amber-wash" />
      <path
        d={path([...edge, { x: right.x, y: baseline + BODY }, { x: left.x, y: baseline + BODY }])}
        className="fill-wood"
      />
      <path d={path([left, ...edge, right])} fill={`url(#${id})`} className="stroke-blue" strokeWidth={1} />
      <path d={path(edge, false)} className="fill-none stroke-ink" strokeWidth={2} data-testid="edge" />
      <path d={path(line, false)} className="stroke-ink" strokeDasharray="6 4" />
      <text x={left.x} y={22} className="fill-soft">
        amber: light under a true edge · hatched: stands proud
      </text>
      {drawn.stationsMm.map((mm) => (
        <g key={mm}>
          <line
            x1={at(mm)}
            x2={at(mm)}
            y1={baseline + BODY}
            y2={baseline + BODY + 6}
            className="stroke-ink"
          />
          {drawn.stationsMm.length <= 11 && (
            <text x={at(mm)} y={baseline + BODY + 20} textAnchor="middle" className="fill-soft">
              {Math.round(mm)}
            </text>
          )}
        </g>
      ))}
      {shown.map((stroke, index) => (
        <Stroke
          key={index}
          stroke={stroke}
          from={at(stroke.fromMm)}
          to={at(stroke.toMm)}
          y={baseline + BODY + 40 + index * STROKE_ROW}
          isDone={doneBefore(strokes, index) < done}
        />
      ))}
    </g>
  )
}

/** Height for so many kinds of stroke. */
export const profileHeight = (strokes: number): number => 128 + BODY + 44 + Math.min(8, strokes) * STROKE_ROW

const doneBefore = (strokes: readonly Schemas['StraightedgeStroke'][], index: number) =>
  strokes.slice(0, index).reduce((sum, stroke) => sum + stroke.count, 0)

interface StrokeProps {
  stroke: Schemas['StraightedgeStroke']
  from: number
  to: number
  y: number
  isDone: boolean
}

function Stroke({ stroke, from, to, y, isDone }: StrokeProps) {
  const tone = isDone ? 'stroke-rule' : 'stroke-blue'
  return (
    <g>
      <line x1={from - 4} x2={to + 4} y1={y} y2={y} className={tone} strokeWidth={5} />
      <text x={(from + to) / 2} y={y + 4} textAnchor="middle" className="halo" fontWeight={700}>
        {stroke.count}×
      </text>
    </g>
  )
}
