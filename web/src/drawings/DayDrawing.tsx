import { scaleLinear } from 'd3-scale'
import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { daySpans } from './dayLayout'
import { Hatch } from './Hatch'

interface DayDrawingProps {
  plan: Schemas['Day']
  width: number
}

const ROW = 26
const TOP = 34
const RIGHT = 16

const edgesOf = (plan: Schemas['Day']) => [
  ...new Map(
    plan.rounds.flatMap((round) => round.visits.map((visit) => [visit.edgeId, visit.edge] as const)),
  ),
]

export const dayHeight = (plan: Schemas['Day']): number => TOP + edgesOf(plan).length * ROW + 34

/** The day from left to right: a row for each edge, a band for each stone. */
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
          <line x1={x(round.from)} x2={x(round.from)} y1={TOP - 22} y2={bottom} className="stroke-rule" />
          <rect
            x={x(round.from)}
            y={TOP - 4}
            width={Math.max(1, x(round.from + round.changeSeconds) - x(round.from))}
            height={bottom - TOP + 4}
            fill={`url(#${id})`}
            opacity={0.5}
          />
          <text x={x(round.from) + 4} y={TOP - 10} fontWeight={700} className="halo">
            {round.label}
          </text>
          {round.visits.map((visit) => (
            <rect
              key={`${visit.edgeId} ${visit.from}`}
              x={x(visit.from)}
              y={row(visit.edgeId) + 4}
              width={Math.max(2, x(visit.to) - x(visit.from))}
              height={ROW - 9}
              className="fill-steel stroke-ink"
            />
          ))}
        </g>
      ))}
      {edges.map(([edge, name]) => (
        <text key={edge} x={10} y={row(edge) + 17}>
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

/** A name that fits, at about 6.3 px a letter. */
function shortened(name: string, room: number): string {
  const letters = Math.floor(room / 6.3)
  return name.length <= letters ? name : `${name.slice(0, letters - 1)}…`
}
