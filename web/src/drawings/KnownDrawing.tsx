import { path } from './geometry'

interface KnownDrawingProps {
  width: number
  height: number
}

const STOCK = 34
const BLADE = 30

/** Two squares on a board from above: both stocks against its straight edge, blades side by side, a gap at the tip. */
export function KnownDrawing({ width, height }: KnownDrawingProps) {
  const middle = width / 2
  const [edge, tip] = [height - 66, 52]
  const lean = 16
  const arm = Math.min(150, width * 0.24)
  const known = [
    { x: middle, y: edge },
    { x: middle, y: tip },
    { x: middle - BLADE, y: tip },
    { x: middle - BLADE, y: edge },
  ]
  const other = [
    { x: middle, y: edge },
    { x: middle + lean, y: tip },
    { x: middle + lean + BLADE, y: tip },
    { x: middle + BLADE, y: edge },
  ]
  return (
    <g>
      <rect x={16} y={28} width={width - 32} height={edge - 28} className="fill-wood" />
      <path
        d={path([
          { x: middle, y: edge },
          { x: middle, y: tip },
          { x: middle + lean, y: tip },
        ])}
        className="fill-amber-wash stroke-amber"
      />
      {[known, other].map((blade, index) => (
        <path key={index} d={path(blade)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      ))}
      <rect
        x={middle - arm}
        y={edge}
        width={arm}
        height={STOCK}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <rect
        x={middle}
        y={edge}
        width={arm}
        height={STOCK}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <line x1={16} x2={width - 16} y1={edge} y2={edge} className="stroke-ink" strokeWidth={2} />
      <text x={middle - arm / 2} y={edge + STOCK + 20} textAnchor="middle">
        known
      </text>
      <text x={middle + arm / 2} y={edge + STOCK + 20} textAnchor="middle">
        tested
      </text>
      <text x={middle + lean / 2} y={tip - 10} textAnchor="middle" className="halo">
        gap at the tip
      </text>
      <text x={24} y={edge - 10} className="fill-soft">
        straight edge
      </text>
    </g>
  )
}
