import { scaleLinear } from 'd3-scale'
import type { Schemas } from '@/api/client'

interface ForecastDrawingProps {
  log: Schemas['EdgeLog']
  width: number
}

export const FORECAST_HEIGHT = 170
const LEFT = 24
const RIGHT = 24
const LINE = 118

/** How long the edge held each time, where it stands now, and the range in which it will want honing. */
export function ForecastDrawing({ log: { spans, range, now, clock }, width }: ForecastDrawingProps) {
  const x = scaleLinear()
    .domain([0, Math.max(range.high, now, ...spans.map((span) => span.length)) * 1.06])
    .range([LEFT, width - RIGHT])
  return (
    <g>
      <rect
        x={x(range.low)}
        y={LINE - 22}
        width={Math.max(2, x(range.high) - x(range.low))}
        height={22}
        className="fill-amber-wash stroke-amber"
      />
      <line
        x1={x(range.middle)}
        x2={x(range.middle)}
        y1={LINE - 30}
        y2={LINE}
        className="stroke-amber"
        strokeWidth={2.5}
      />
      {spans.map((span, index) => (
        <circle
          key={span.endedAt}
          cx={x(span.length)}
          cy={LINE - 44 - ((spans.length - 1 - index) % 6) * 9}
          r={3.5}
          className={index === spans.length - 1 ? 'fill-ink' : 'fill-sheet stroke-ink'}
        />
      ))}
      <line
        x1={LEFT - 8}
        x2={width - RIGHT + 8}
        y1={LINE}
        y2={LINE}
        className="stroke-ink"
        strokeWidth={1.5}
      />
      {x.ticks(Math.max(3, Math.round(width / 110))).map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={LINE} y2={LINE + 6} className="stroke-ink" />
          <text x={x(tick)} y={LINE + 22} textAnchor="middle" className="fill-soft">
            {tick}
          </text>
        </g>
      ))}
      <path d={`M${x(now)} ${LINE} l-6 -12 h12 Z`} className="fill-blue" />
      <line x1={x(now)} x2={x(now)} y1={14} y2={LINE - 12} className="stroke-blue" strokeDasharray="3 3" />
      <text
        x={x(now) + (x(now) > width * 0.75 ? -8 : 8)}
        y={22}
        textAnchor={x(now) > width * 0.75 ? 'end' : 'start'}
        className="halo fill-blue"
        fontWeight={700}
      >
        now
      </text>
      <text x={width / 2} y={LINE + 42} textAnchor="middle" className="fill-soft">
        {clock === 'minutes'
          ? 'minutes of use since the last honing, hard wood counted more'
          : 'days since the last honing'}
      </text>
    </g>
  )
}
