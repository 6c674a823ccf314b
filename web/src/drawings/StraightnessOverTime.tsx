import { scaleLinear, scaleTime } from 'd3-scale'
import type { Schemas } from '../api/client'
import { asDay } from '../parts/dates'

interface StraightnessOverTimeProps {
  tests: readonly Schemas['StraightTest'][]
  toleranceMm: number
  tolerance: string
  width: number
  height: number
}

const LEFT = 14
const RIGHT = 84

/** Every test with its uncertainty against date; a line breaks where strokes were taken. */
export function StraightnessOverTime({
  tests,
  toleranceMm,
  tolerance,
  width,
  height,
}: StraightnessOverTimeProps) {
  const days = tests.map((test) => new Date(test.testedAt))
  const [first, last] = [days[0] ?? new Date(), days.at(-1) ?? new Date()]
  const x = scaleTime()
    .domain([first, last])
    .range([LEFT, width - RIGHT])
  const most = Math.max(toleranceMm * 1.4, ...tests.map((test) => test.straightnessMm + test.uncertaintyMm))
  const y = scaleLinear()
    .domain([0, most * 1.08])
    .range([height - 26, 8])

  return (
    <g>
      <rect
        x={LEFT - 8}
        width={width - RIGHT - LEFT + 16}
        y={y(toleranceMm)}
        height={y(0) - y(toleranceMm)}
        className="fill-wood"
      />
      <line x1={LEFT - 8} x2={width - RIGHT + 8} y1={y(0)} y2={y(0)} className="stroke-soft" />
      <text x={width - RIGHT + 12} y={y(toleranceMm) + 4} className="fill-soft" fontSize={12}>
        {tolerance}
      </text>
      {tests.map((test, index) => {
        const at = x(days[index] ?? first)
        const before = tests[index - 1]
        return (
          <g key={test.id}>
            {before && before.strokesTaken === null && (
              <line
                x1={x(days[index - 1] ?? first)}
                y1={y(before.straightnessMm)}
                x2={at}
                y2={y(test.straightnessMm)}
                className="stroke-ink"
                strokeWidth={1.5}
              />
            )}
            <line
              x1={at}
              x2={at}
              y1={y(Math.max(0, test.straightnessMm - test.uncertaintyMm))}
              y2={y(test.straightnessMm + test.uncertaintyMm)}
              className="stroke-ink"
            />
            <circle
              cx={at}
              cy={y(test.straightnessMm)}
              r={4}
              className={test.verdict === 'outside' ? 'fill-red stroke-red' : 'fill-sheet stroke-ink'}
            />
          </g>
        )
      })}
      <text x={LEFT - 8} y={height - 8} className="fill-soft" fontSize={12}>
        {asDay(first.toISOString())}
      </text>
      {tests.length > 1 && (
        <text x={width - RIGHT + 8} y={height - 8} textAnchor="end" className="fill-soft" fontSize={12}>
          {asDay(last.toISOString())}
        </text>
      )}
    </g>
  )
}
