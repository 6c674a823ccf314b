import { Dimension } from '@/drawings/Dimension'
import type { FitDrawingProps } from './FitDrawing'

/** A tenon from its side with the iron standing on its shoulder, to one scale. */
export function ShoulderIron({ row, width, height }: FitDrawingProps) {
  const { ironMm = 20, shoulderMm = 15, stockMm = 40, tenonMm = 10 } = row.draw
  const scale = Math.min(
    (height - 90) / (stockMm + Math.max(0, ironMm - shoulderMm)),
    (width * 0.4) / stockMm,
  )
  const top = 60 + Math.max(0, ironMm - shoulderMm) * scale
  const left = 50
  const shoulderX = width * 0.5
  const [stock, tenon, shoulder, iron] = [
    stockMm * scale,
    tenonMm * scale,
    shoulderMm * scale,
    ironMm * scale,
  ]

  return (
    <g>
      <path
        d={`M${left} ${top} H${shoulderX} V${top + shoulder} H${width - 60} V${top + shoulder + tenon} H${shoulderX} V${top + stock} H${left} Z`}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <rect
        x={shoulderX + 3}
        y={top + shoulder - iron}
        width={14}
        height={iron}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <text x={left + 12} y={top + stock / 2 + 5} className="fill-soft">
        stock
      </text>
      <text x={width - 72} y={top + shoulder + tenon / 2 + 5} textAnchor="end" className="fill-soft">
        tenon
      </text>
      <Dimension
        from={{ x: shoulderX + 44, y: top + shoulder - iron }}
        to={{ x: shoulderX + 44, y: top + shoulder }}
        text="iron"
        offset={-14}
      />
    </g>
  )
}
