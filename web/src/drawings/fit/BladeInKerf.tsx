import type { FitDrawingProps } from './FitDrawing'

/** The kerf, and the blade over its set beside it, both enlarged alike. */
export function BladeInKerf({ row, width, height }: FitDrawingProps) {
  const { kerfMm = 0.6, overSetMm = 0.5 } = row.draw
  const factor = (width * 0.3) / Math.max(kerfMm, overSetMm)
  const middle = width / 2
  const [kerf, blade] = [kerfMm * factor, overSetMm * factor]
  const top = 60

  return (
    <g>
      <path
        d={`M40 ${top} H${middle - kerf / 2} V${height - 50} H${middle + kerf / 2} V${top} H${width - 40} V${height - 16} H40 Z`}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <rect
        x={middle - blade / 2}
        y={24}
        width={blade}
        height={height - 110}
        className={row.good ? 'fill-steel stroke-ink' : 'fill-blue-wash stroke-blue'}
        fillOpacity={0.85}
        strokeWidth={1.5}
      />
      <text x={middle} y={height / 2} textAnchor="middle">
        blade
      </text>
      <text x={60} y={height / 2} className="fill-soft">
        wood
      </text>
      <text x={width - 48} y={18} textAnchor="end" className="fill-soft">
        ×{Math.round(factor / 3.8)}
      </text>
    </g>
  )
}
