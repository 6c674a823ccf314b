import { scaleLinear, scaleTime } from 'd3-scale'
import { line } from 'd3-shape'
import type { Schemas } from '@/api/client'
import { asDay } from '@/parts/dates'

type Tested = Schemas['Tested']

interface ErrorHistoryProps {
  history: Schemas['History']
  width: number
  height: number
}

const LEFT = 18
const RIGHT = 84

/** Every test with its uncertainty against date; a line breaks where something was taken off. */
export function ErrorHistory({ history, width, height }: ErrorHistoryProps) {
  const { tests, toleranceMm, tolerance, droppedOn, nextCheckOn } = history
  const days = tests.map((test) => new Date(test.testedAt))
  const first = days[0] ?? new Date()
  const dropped = droppedOn === null ? null : new Date(droppedOn)
  const next = nextCheckOn === null ? null : new Date(nextCheckOn)
  const last = new Date(
    Math.max(...[...days, ...(dropped ? [dropped] : []), ...(next ? [next] : [])].map(Number)),
  )
  const x = scaleTime()
    .domain([first, last])
    .range([LEFT, width - RIGHT])
  const most =
    Math.max(toleranceMm * 1.5, ...tests.map((test) => Math.abs(test.errorMm) + test.uncertaintyMm)) * 1.08
  const y = scaleLinear()
    .domain([-most, most])
    .range([height - 26, 8])
  const draw = line<Tested>(
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
      {dropped && (
        <Moment x={x(dropped)} top={8} bottom={height - 26} says="fell" line="stroke-red" fill="var(--red)" />
      )}
      {next && (
        <Moment
          x={x(next)}
          top={8}
          bottom={height - 26}
          says="next check"
          line="stroke-soft"
          fill="var(--soft)"
        />
      )}
      {Object.values(Object.groupBy(tests, (test) => test.series)).flatMap((series) =>
        runsBetweenCorrections(series ?? []).map((run, index) => (
          <path
            key={`${run[0]?.series} ${index}`}
            d={draw(run) ?? ''}
            className="fill-none stroke-ink"
            strokeWidth={1.5}
            strokeDasharray={run[0]?.series === 'inner' ? '2 3' : undefined}
          />
        )),
      )}
      {tests.map((test) => (
        <Mark key={test.id} x={x(new Date(test.testedAt))} y={y} test={test} plain={tests.length > 24} />
      ))}
      <text x={LEFT - 8} y={height - 8} className="fill-soft" fontSize={12}>
        {asDay(first.toISOString())}
      </text>
      {last > first && (
        <text x={width - RIGHT + 8} y={height - 8} textAnchor="end" className="fill-soft" fontSize={12}>
          {asDay(last.toISOString())}
        </text>
      )}
    </g>
  )
}

interface MarkProps {
  x: number
  y: (mm: number) => number
  test: Tested
  /** Among very many only what is outside is marked. */
  plain: boolean
}

function Mark({ x, y, test, plain }: MarkProps) {
  const outside = test.verdict === 'outside'
  if (plain && !outside && test.taken === null) return null
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
      {test.taken !== null && (
        <text x={x + 9} y={y(test.errorMm) + 4} fontSize={12} className="halo">
          corrected
        </text>
      )}
    </g>
  )
}

interface MomentProps {
  x: number
  top: number
  bottom: number
  says: string
  line: string
  fill: string
}

function Moment({ x, top, bottom, says, line, fill }: MomentProps) {
  return (
    <g>
      <line x1={x} x2={x} y1={top} y2={bottom} className={line} strokeDasharray="3 3" />
      <text x={x - 5} y={top + 12} textAnchor="end" fontSize={12} className="halo" style={{ fill }}>
        {says}
      </text>
    </g>
  )
}

/** Tests in runs: a correction starts a new one. */
export function runsBetweenCorrections(tests: readonly Tested[]): Tested[][] {
  const runs: Tested[][] = [[]]
  for (const test of tests) {
    runs.at(-1)?.push(test)
    if (test.taken !== null) runs.push([])
  }
  return runs
}
