import { scaleLinear } from 'd3-scale'
import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { daySpans } from './dayLayout'
import { Hatch } from './Hatch'

interface DayDrawingProps {
  plan: Schemas['Day']
  width: number
}

const ROW = 30
const TOP = 66
const RIGHT = 40

/** Of a stone over its round, px. */
const STONE = { y: 14, height: 30 }

/** About what a figure of the strokes takes, px. */
const FIGURE = 24

const edgesOf = (plan: Schemas['Day']) => [
  ...new Map(
    plan.rounds.flatMap((round) => round.visits.map((visit) => [visit.edgeId, visit.edge] as const)),
  ),
]

export const dayHeight = (plan: Schemas['Day']): number => TOP + edgesOf(plan).length * ROW + 34

/** The day from left to right: the stones as they lie, below them a row for each edge with its strokes. */
export function DayDrawing({ plan, width }: DayDrawingProps) {
  const id = useId()
  const edges = edgesOf(plan)
  const left = Math.min(224, width * 0.36)
  const { rounds, seconds } = daySpans(plan)
  const x = scaleLinear()
    .domain([0, seconds])
    .range([left, width - RIGHT])
  const bottom = TOP + edges.length * ROW
  const row = (edge: number) => TOP + edges.findIndex(([one]) => one === edge) * ROW

  return (
    <g>
      <defs>
        <Hatch id={id} />
      </defs>
      {rounds.map((round, index) => (
        <g key={`${round.stone} ${index}`}>
          <Stone from={x(round.from)} to={x(round.until)} label={round.label} />
          <line x1={x(round.from)} x2={x(round.from)} y1={STONE.y} y2={bottom} className="stroke-rule" />
          <rect
            x={x(round.from)}
            y={TOP - 4}
            width={Math.max(1, x(round.from + round.changeSeconds) - x(round.from))}
            height={bottom - TOP + 4}
            fill={`url(#${id})`}
            opacity={0.5}
          />
          {round.visits.map((visit) => {
            const wide = Math.max(2, x(visit.to) - x(visit.from))
            return (
              <g key={`${visit.edgeId} ${visit.from}`}>
                <rect
                  x={x(visit.from)}
                  y={row(visit.edgeId) + 4}
                  width={wide}
                  height={ROW - 9}
                  className="fill-steel stroke-ink"
                />
                <text
                  x={wide >= FIGURE ? x(visit.from) + wide / 2 : x(visit.to) + 5}
                  y={row(visit.edgeId) + ROW / 2 + 4}
                  textAnchor={wide >= FIGURE ? 'middle' : 'start'}
                  fontWeight={600}
                  className={wide >= FIGURE ? undefined : 'halo'}
                >
                  {visit.strokes}
                </text>
              </g>
            )
          })}
        </g>
      ))}
      {edges.map(([edge, name]) => (
        <text key={edge} x={10} y={row(edge) + ROW / 2 + 4}>
          {shortened(name, left - 16)}
        </text>
      ))}
      <line x1={left} x2={width - RIGHT} y1={bottom} y2={bottom} className="stroke-ink" />
      {x.ticks(4).map((tick) => (
        <text key={tick} x={x(tick)} y={bottom + 18} textAnchor="middle" className="fill-soft">
          {seconds < 240 ? `${tick} s` : `${Math.round((tick / 60) * 10) / 10} min`}
        </text>
      ))}
    </g>
  )
}

interface StoneProps {
  from: number
  to: number
  label: string
}

/** The stone that a round is on, as long as the round. */
function Stone({ from, to, label }: StoneProps) {
  const wide = Math.max(6, to - from - 6)
  return (
    <g>
      <rect
        x={from}
        y={STONE.y}
        width={wide}
        height={STONE.height}
        rx={3}
        fill="url(#stone)"
        className="stroke-ink"
        strokeWidth={1.25}
      />
      <text x={from + 8} y={STONE.y + 20} fontWeight={700} className="halo">
        {label}
      </text>
    </g>
  )
}

/** A name that fits, at about 6.3 px a letter. */
function shortened(name: string, room: number): string {
  const letters = Math.floor(room / 6.3)
  return name.length <= letters ? name : `${name.slice(0, letters - 1)}…`
}
