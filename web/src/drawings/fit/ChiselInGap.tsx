import { Dimension } from '@/drawings/Dimension'
import { path } from '@/drawings/geometry'
import type { FitDrawingProps } from './FitDrawing'

/** A gap between two tails from above, with the chisel in front of it, to one scale. */
export function ChiselInGap({ row, width, height }: FitDrawingProps) {
  const { widthMm = 12, pinMm = 8, pinWideMm = 14, thicknessMm = 22 } = row.draw
  const span = Math.max(pinWideMm, widthMm) * 3
  const scale = Math.min((width - 80) / span, (height * 0.55) / thicknessMm)
  const middle = width / 2
  const top = 26
  const bottom = top + thicknessMm * scale
  const [narrow, wide, chisel] = [(pinMm * scale) / 2, (pinWideMm * scale) / 2, (widthMm * scale) / 2]
  const side = (sign: 1 | -1) =>
    path([
      { x: middle + sign * wide, y: top },
      { x: middle + sign * narrow, y: bottom },
      { x: middle + (sign * (span * scale)) / 2, y: bottom },
      { x: middle + (sign * (span * scale)) / 2, y: top },
    ])

  return (
    <g>
      {([1, -1] as const).map((sign) => (
        <path key={sign} d={side(sign)} className="fill-wood stroke-ink" strokeWidth={1.5} />
      ))}
      <rect
        x={middle - chisel}
        y={bottom + 14}
        width={2 * chisel}
        height={height - bottom - 60}
        className={row.good ? 'fill-steel stroke-ink' : 'fill-steel stroke-red'}
        strokeWidth={1.5}
      />
      <text x={middle + (span * scale) / 2 - 8} y={(top + bottom) / 2} textAnchor="end" className="fill-soft">
        tail
      </text>
      <Dimension
        from={{ x: middle - chisel, y: height - 22 }}
        to={{ x: middle + chisel, y: height - 22 }}
        text={row.caption}
      />
    </g>
  )
}
