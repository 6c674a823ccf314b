import { Dimension } from '@/drawings/Dimension'
import type { FitDrawingProps } from './FitDrawing'

/** The circles that the handles describe, and the bit in their middle, to one scale. */
export function BraceSweeps({ row, rows, width, height }: FitDrawingProps) {
  const widest = Math.max(...rows.map((one) => one.draw.sweepMm ?? 0), 1)
  const scale = (height - 70) / widest
  const [x, y] = [width / 2, (height - 36) / 2]
  const own = ((row.draw.sweepMm ?? 0) / 2) * scale

  return (
    <g>
      {rows.map((one) => (
        <circle
          key={one.name}
          cx={x}
          cy={y}
          r={((one.draw.sweepMm ?? 0) / 2) * scale}
          className={one === row ? 'fill-none stroke-ink' : 'fill-none stroke-soft'}
          strokeWidth={one === row ? 2 : 1}
          strokeDasharray={one.good ? undefined : '5 4'}
        />
      ))}
      <circle
        cx={x}
        cy={y}
        r={Math.max(2, ((row.draw.diameterMm ?? 0) / 2) * scale)}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <Dimension
        from={{ x: x - own, y: height - 20 }}
        to={{ x: x + own, y: height - 20 }}
        text="sweep"
        offset={5}
      />
      <text x={16} y={24} className="fill-soft">
        dashed: too short for this bit
      </text>
    </g>
  )
}
