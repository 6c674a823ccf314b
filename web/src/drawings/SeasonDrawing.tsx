import { area, line } from 'd3-shape'
import type { Schemas } from '@/api/client'
import { dateOf, seasonScales, stretchesOf } from './seasonLayout'

type Day = Schemas['SeasonDay']

interface SeasonDrawingProps {
  days: readonly Day[]
  gaps: readonly Schemas['SeasonGap'][]
  width: number
  height: number
}

const DAY_MS = 86_400_000
const month = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' })
const dayAndMonth = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })
const year = new Intl.DateTimeFormat('en-GB', { year: 'numeric', timeZone: 'UTC' })
/** A log shorter than this has days at its foot, not months; one longer has years. */
const SHORT_DAYS = 100
const LONG_DAYS = 800

function nameOfTicks(days: number) {
  if (days < SHORT_DAYS) return dayAndMonth
  return days > LONG_DAYS ? year : month
}

/** Above how moist the wood is, and what its air asks of it; below how the humidity swings from day to day. */
export function SeasonDrawing({ days, gaps, width, height }: SeasonDrawingProps) {
  const { x, moisture, humidity, left, right } = seasonScales(days, width, height)
  const at = (day: Day) => x(dateOf(day))
  const rest = line<Day>(at, (day) => moisture(day.restPct))
  const wood = line<Day>(at, (day) => moisture(day.woodPct ?? 0)).defined((day) => day.woodPct !== null)
  const band = area<Day>(
    at,
    (day) => humidity(day.lowRhPct),
    (day) => humidity(day.highRhPct),
  )
  const [base, top] = moisture.range() as [number, number]
  const [floor, roof] = humidity.range() as [number, number]
  const name = nameOfTicks((days.at(-1)?.until ?? 0) - (days[0]?.day ?? 0))

  return (
    <g fontSize={12}>
      <text x={left} y={top - 10}>
        Moisture of the wood, %
      </text>
      <text x={left} y={roof - 8}>
        Humidity of the air, %, its swing{days.some((day) => day.until > day.day) ? '' : ' each day'}
      </text>
      {moisture.ticks(4).map((tick) => (
        <Tick key={`m${tick}`} y={moisture(tick)} text={String(tick)} left={left} right={right} />
      ))}
      {humidity.ticks(3).map((tick) => (
        <Tick key={`h${tick}`} y={humidity(tick)} text={String(tick)} left={left} right={right} />
      ))}
      {dayTicks(x, width).map((tick) => (
        <g key={Number(tick)}>
          <line x1={x(tick)} x2={x(tick)} y1={floor} y2={floor + 4} className="stroke-soft" />
          <text x={x(tick)} y={floor + 17} textAnchor="middle" className="fill-soft">
            {name.format(tick)}
          </text>
        </g>
      ))}
      {gaps.map((gap) => (
        <Silence
          key={gap.fromDay}
          from={x(new Date(gap.fromDay * DAY_MS))}
          until={x(new Date(gap.untilDay * DAY_MS))}
          top={top}
          bottom={floor}
        />
      ))}
      {stretchesOf(days).map((stretch) => (
        <g key={stretch[0]?.day}>
          <path d={band(stretch) ?? ''} className="fill-wood stroke-soft" strokeWidth={0.75} />
          <path d={rest(stretch) ?? ''} className="fill-none stroke-soft" strokeWidth={1} />
          <path d={wood(stretch) ?? ''} className="fill-none stroke-ink" strokeWidth={2.5} />
          {stretch.length === 1 && stretch[0] && (
            <Alone
              x={at(stretch[0])}
              rest={moisture(stretch[0].restPct)}
              low={humidity(stretch[0].lowRhPct)}
              high={humidity(stretch[0].highRhPct)}
            />
          )}
        </g>
      ))}
      <line x1={left} x2={right} y1={base} y2={base} className="stroke-ink" />
      <line x1={left} x2={right} y1={floor} y2={floor} className="stroke-ink" />
    </g>
  )
}

/** Ticks at whole days, however short the log is. */
function dayTicks(x: ReturnType<typeof seasonScales>['x'], width: number): Date[] {
  return x.ticks(Math.max(2, Math.floor(width / 90))).filter((tick) => Number(tick) % DAY_MS === 0)
}

interface AloneProps {
  x: number
  rest: number
  low: number
  high: number
}

/** A day that no other stands beside: a line would not show it. */
function Alone({ x, rest, low, high }: AloneProps) {
  return (
    <g>
      <circle cx={x} cy={rest} r={3} className="fill-ink" />
      <line x1={x} x2={x} y1={low + 2} y2={high - 2} className="stroke-ink" strokeWidth={4} />
    </g>
  )
}

interface TickProps {
  y: number
  text: string
  left: number
  right: number
}

function Tick({ y, text, left, right }: TickProps) {
  return (
    <g>
      <line x1={left} x2={right} y1={y} y2={y} className="stroke-rule" />
      <text x={left - 8} y={y + 4} textAnchor="end" className="fill-soft">
        {text}
      </text>
    </g>
  )
}

interface SilenceProps {
  from: number
  until: number
  top: number
  bottom: number
}

function Silence({ from, until, top, bottom }: SilenceProps) {
  return (
    <g>
      <rect
        x={from}
        width={Math.max(1, until - from)}
        y={top}
        height={bottom - top}
        className="fill-none stroke-amber"
        strokeDasharray="3 3"
      />
      {until - from > 60 && (
        <text x={(from + until) / 2} y={top + 14} textAnchor="middle" className="halo fill-amber">
          not known
        </text>
      )}
    </g>
  )
}
