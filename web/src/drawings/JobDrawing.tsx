import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { type Band, bandsOf, hoursOf } from './jobLayout'
import { Hatch } from './Hatch'

interface JobDrawingProps {
  rows: readonly Schemas['JobRow'][]
  kinds: readonly Schemas['JobKind'][]
  width: number
}

const LEFT = 16
const TOP = 30
const RULE = 34
const BAND = 76
/** A word needs about so many pixels a letter. */
const LETTER = 6.4

/** How high the rules of so many batches are. */
export const heightOfJob = (rows: readonly Schemas['JobRow'][]): number =>
  TOP + BAND * Math.max(1, new Set(rows.map((row) => row.batch)).size)

/** The job as rules, one a batch: each step as long as it takes, what is done of it dark, a notch where honed. */
export function JobDrawing({ rows, kinds, width }: JobDrawingProps) {
  const id = useId()
  const bands = bandsOf(rows, kinds, width - 2 * LEFT)
  const several = bands.length > 1
  return (
    <g fontSize={12} transform={`translate(${LEFT} ${TOP})`}>
      <defs>
        <Hatch id={id} />
      </defs>
      {hoursOf(rows, width - 2 * LEFT).map(({ hours, at }) => (
        <text key={hours} x={at} y={-6} textAnchor="end" className="fill-soft" fontSize={11}>
          {hours} h
        </text>
      ))}
      {bands.map((band, index) => (
        <g key={band.batch} transform={`translate(0 ${index * BAND})`}>
          <Rule band={band} hatch={id} named={several} />
          {hoursOf(rows, width - 2 * LEFT)
            .filter(({ at }) => at <= (band.stretches.at(-1)?.to ?? 0) + 0.5)
            .map(({ hours, at }) => (
              <line key={hours} x1={at} x2={at} y1={0} y2={9} strokeWidth={0.75} className="stroke-soft" />
            ))}
        </g>
      ))}
    </g>
  )
}

function Rule({ band, hatch, named }: { band: Band; hatch: string; named: boolean }) {
  const end = band.stretches.at(-1)?.to ?? 0
  return (
    <>
      <rect width={end} height={RULE} className="fill-wood" />
      {band.stretches.map((one) => (
        <g key={one.at}>
          {one.done > one.from && (
            <rect x={one.from} width={one.done - one.from} height={RULE} className="fill-ink" />
          )}
          {one.isHoning && one.done <= one.from && (
            <rect x={one.from} width={Math.max(2, one.to - one.from)} height={RULE} fill={`url(#${hatch})`} />
          )}
          <line
            x1={one.to}
            x2={one.to}
            y1={RULE - 7}
            y2={RULE}
            strokeWidth={0.75}
            className={one.to < one.done + 0.5 && one.done > one.from ? 'stroke-paper' : 'stroke-soft'}
          />
          {one.isNext && <path d={`M${one.done} ${RULE}l-6 9h12z`} className="fill-red" />}
        </g>
      ))}
      <rect width={end} height={RULE} className="fill-none stroke-ink" strokeWidth={1.25} />
      {named && (
        <text x={0} y={-6} className="fill-soft" fontSize={11}>
          Batch {band.batch}
        </text>
      )}
      {band.spans.map((span) => (
        <g key={`${span.phase} ${span.from}`}>
          <line x1={span.from} x2={span.from} y1={0} y2={RULE} strokeWidth={1.25} className="stroke-ink" />
          {span.to - span.from > LETTER * span.phase.length + 8 && (
            <text x={span.from + 12} y={RULE + 15} className="fill-soft">
              {span.phase}
            </text>
          )}
        </g>
      ))}
    </>
  )
}
