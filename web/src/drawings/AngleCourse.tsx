import { scaleLinear, scaleTime } from 'd3-scale'
import { line } from 'd3-shape'
import type { Schemas } from '@/api/client'
import { asDay } from '@/parts/dates'
import { degrees } from './geometry'

interface AngleCourseProps {
  angles: readonly Schemas['AngleMeasured'][]
  aimDeg: number
  toleranceDeg: number
  width: number
  height: number
}

const LEFT = 20
const RIGHT = 66
const BOTTOM = 26

/** Measured angle against the intended one over time: strops and tired hands steepen it. */
export function AngleCourse({ angles, aimDeg, toleranceDeg, width, height }: AngleCourseProps) {
  const days = angles.map((one) => new Date(one.at))
  const x = scaleTime()
    .domain([days[0] ?? new Date(), days.at(-1) ?? new Date()])
    .range([LEFT, width - RIGHT])
  const all = angles.map((one) => one.deg)
  const y = scaleLinear()
    .domain([Math.min(aimDeg - toleranceDeg, ...all) - 1, Math.max(aimDeg + toleranceDeg, ...all) + 1])
    .range([height - BOTTOM, 10])
  const draw = line<Schemas['AngleMeasured']>(
    (one) => x(new Date(one.at)),
    (one) => y(one.deg),
  )
  return (
    <g>
      <rect
        x={LEFT - 8}
        y={y(aimDeg + toleranceDeg)}
        width={width - LEFT - RIGHT + 16}
        height={y(aimDeg - toleranceDeg) - y(aimDeg + toleranceDeg)}
        className="fill-wood"
      />
      <line x1={LEFT - 8} x2={width - RIGHT + 8} y1={y(aimDeg)} y2={y(aimDeg)} className="stroke-soft" />
      <text x={width - RIGHT + 12} y={y(aimDeg) + 4}>
        aim {degrees(aimDeg)}
      </text>
      <text x={width - RIGHT + 12} y={y(aimDeg + toleranceDeg) + 4} className="fill-soft" fontSize={12}>
        +{degrees(toleranceDeg)}
      </text>
      <path d={draw([...angles]) ?? ''} className="fill-none stroke-ink" strokeWidth={1.5} />
      {angles.map((one) => {
        const steep = one.deg > aimDeg + toleranceDeg
        return (
          <circle
            key={one.at}
            cx={x(new Date(one.at))}
            cy={y(one.deg)}
            r={4}
            className={steep ? 'fill-blue stroke-blue' : 'fill-sheet stroke-ink'}
          />
        )
      })}
      {[days[0], ...(days.length > 1 ? [days.at(-1)] : [])].map(
        (day, index) =>
          day && (
            <text
              key={day.toISOString()}
              x={x(day)}
              y={height - 8}
              textAnchor={index === 0 ? 'start' : 'end'}
              className="fill-soft"
              fontSize={12}
            >
              {asDay(day.toISOString())}
            </text>
          ),
      )}
    </g>
  )
}
