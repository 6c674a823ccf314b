import { DrawnFigure } from './DrawnFigure'
import type { Point } from './geometry'

interface DimensionProps {
  from: Point
  to: Point
  text: string
  /** Where the figure stands beside the line, px. */
  offset?: number
}

const HEAD = 7

/** A dimension line with two arrow heads and its figure, as on a shop drawing. */
export function Dimension({ from, to, text, offset = 8 }: DimensionProps) {
  const upright = Math.abs(to.x - from.x) < Math.abs(to.y - from.y)
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const turn = upright ? `rotate(-90 ${middle.x - offset} ${middle.y})` : undefined

  return (
    <g>
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} className="stroke-ink" strokeWidth={1} />
      <Head at={from} toward={to} />
      <Head at={to} toward={from} />
      <text
        x={upright ? middle.x - offset : middle.x}
        y={upright ? middle.y : middle.y - offset}
        transform={turn}
        textAnchor="middle"
        className="figure halo"
      >
        <DrawnFigure text={text} />
      </text>
    </g>
  )
}

function Head({ at, toward }: { at: Point; toward: Point }) {
  const angle = (Math.atan2(toward.y - at.y, toward.x - at.x) * 180) / Math.PI
  return (
    <path
      d={`M0 0 L${HEAD} -2.5 L${HEAD} 2.5 Z`}
      transform={`translate(${at.x} ${at.y}) rotate(${angle})`}
      className="fill-ink"
    />
  )
}
