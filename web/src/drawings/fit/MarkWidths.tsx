import { scaleSqrt } from 'd3-scale'
import type { FitDrawingProps } from './FitDrawing'

/** How far off each way of marking can be: the worst case as a bar, what is likely as its solid part. */
export function MarkWidths({ row, rows, width, height }: FitDrawingProps) {
  const most = Math.max(...rows.map((one) => one.draw.worstMm ?? 0), 0.01)
  // A root scale: a knife's hundredths and a tape's millimetre are seen side by side.
  const along = scaleSqrt([0, most], [0, width - 250])
  const step = (height - 40) / Math.max(1, rows.length)

  return (
    <g>
      {rows.map((one, index) => {
        const y = 14 + index * step
        const bar = Math.min(18, step * 0.6)
        return (
          <g key={one.name}>
            <text x={16} y={y + bar * 0.75} className={one === row ? 'font-bold' : undefined}>
              {one.name}
            </text>
            <rect
              x={228}
              y={y}
              width={along(one.draw.worstMm ?? 0)}
              height={bar}
              className={one.good ? 'fill-none stroke-ink' : 'fill-none stroke-red'}
            />
            <rect
              x={228}
              y={y}
              width={along(one.draw.likelyMm ?? 0)}
              height={bar}
              className={one.good ? 'fill-ink' : 'fill-red'}
            />
          </g>
        )
      })}
      <text x={228} y={height - 10} className="fill-soft">
        solid: likely; outline: at worst (root scale)
      </text>
    </g>
  )
}
