import { scaleLinear, scaleTime } from 'd3-scale'
import { line } from 'd3-shape'
import type { Schemas } from '../api/client'
import { asDay } from '../parts/dates'

interface ErrorHistoryProps {
  tests: readonly Schemas['SquareTest'][]
  toleranceMm: number
  tolerance: string
  droppedOn: string | null
  width: number
  height: number
}

const LEFT = 14
const RIGHT = 84

/** Every test with its uncertainty against date; a line breaks where shavings were taken. */
export function ErrorHistory({ tests, toleranceMm, tolerance, droppedOn, width, height }: ErrorHistoryProps) {
  const days = tests.map((test) => new Date(test.testedAt))
  const first = days[0] ?? new Date()
  const dropped = droppedOn === null ? null : new Date(droppedOn)
  const last = new Date(Math.max(...[...days, ...(dropped ? [dropped] : [])].map(Number)))
  const x = scaleTime()
    .domain([first, last])
    .range([LEFT, width - RIGHT])
  const most =
    Math.max(toleranceMm * 1.5, ...tests.map((test) => Math.abs(test.errorMm) + test.uncertaintyMm)) * 1.08
  const y = scaleLinear()
    .domain([-most, most])
    .range([height - 26, 8])
  const runs = runsBetweenPlanings(tests)
  const draw = line<Schemas['SquareTest']>(
    (test) => x(new Date(test.testedAt)),
    (test) => y(test.errorMm),
  )

  return (
    <g>
      <rect
        x={LEFT - 8}
        width={width - RIGHT - LEFT + 16}
        y={y(toleranceMm)}
        height={y(-toleranceMm) - y(toleranceMm)}
        className="fill-wood"
      />
      <line x1={LEFT - 8} x2={width - RIGHT + 8} y1={y(0)} y2={y(0)} className="stroke-soft" />
      {[toleranceMm, -toleranceMm].map((edge) => (
        <text key={edge} x={width - RIGHT + 12} y={y(edge) + 4} className="fill-soft" fontSize={12}>
          {edge > 0 ? '+' : '−'}
          {tolerance}
        </text>
      ))}
      {dropped && <Dropped x={x(dropped)} top={8} bottom={height - 26} />}
      {runs.map((run, index) => (
        <path key={index} d={draw(run) ?? ''} className="fill-none stroke-ink" strokeWidth={1.5} />
      ))}
      {tests.map((test) => (
        <Mark key={test.id} x={x(new Date(test.testedAt))} y={y} test={test} />
      ))}
      <text x={LEFT - 8} y={height - 8} className="fill-soft" fontSize={12}>
        {asDay(first.toISOString())}
      </text>
      <text x={width - RIGHT + 8} y={height - 8} textAnchor="end" className="fill-soft" fontSize={12}>
        {asDay(last.toISOString())}
      </text>
    </g>
  )
}

function Mark({ x, y, test }: { x: number; y: (mm: number) => number; test: Schemas['SquareTest'] }) {
  const outside = test.verdict === 'outside'
  return (
    <g data-testid="tested">
      <line
        x1={x}
        x2={x}
        y1={y(test.errorMm - test.uncertaintyMm)}
        y2={y(test.errorMm + test.uncertaintyMm)}
        className="stroke-ink"
      />
      {outside ? (
        <rect x={x - 4.5} y={y(test.errorMm) - 4.5} width={9} height={9} className="fill-blue" />
      ) : (
        <circle
          cx={x}
          cy={y(test.errorMm)}
          r={4}
          className={test.verdict === 'within' ? 'fill-ink' : 'fill-sheet stroke-ink'}
        />
      )}
      {test.shavingsTaken !== null && (
        <text
          x={x}
          y={y(test.errorMm - test.uncertaintyMm) + 15}
          textAnchor="middle"
          fontSize={12}
          className="halo"
        >
          planed
        </text>
      )}
    </g>
  )
}

function Dropped({ x, top, bottom }: { x: number; top: number; bottom: number }) {
  return (
    <g>
      <line x1={x} x2={x} y1={top} y2={bottom} className="stroke-red" strokeDasharray="3 3" />
      <text
        x={x - 5}
        y={top + 12}
        textAnchor="end"
        fontSize={12}
        className="halo"
        style={{ fill: 'var(--red)' }}
      >
        fell
      </text>
    </g>
  )
}

/** Tests in runs: planing starts a new one. */
export function runsBetweenPlanings(tests: readonly Schemas['SquareTest'][]): Schemas['SquareTest'][][] {
  const runs: Schemas['SquareTest'][][] = [[]]
  for (const test of tests) {
    runs.at(-1)?.push(test)
    if (test.shavingsTaken !== null) runs.push([])
  }
  return runs
}
