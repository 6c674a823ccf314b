import { Dimension } from '@/drawings/Dimension'
import type { FitDrawingProps } from './FitDrawing'

/** The sole bridging the hollow of a board; the hollow drawn so that it can be seen, its figure the real one. */
export function SoleOnBoard({ row, width, height }: FitDrawingProps) {
  const { soleMm = 350, boardMm = 900 } = row.draw
  const longest = Math.max(soleMm, boardMm)
  const scale = (width - 80) / longest
  const left = 40 + ((longest - boardMm) * scale) / 2
  const [board, sole] = [boardMm * scale, soleMm * scale]
  const top = height * 0.5
  const sag = Math.min(46, height * 0.16)
  const middle = left + board / 2
  // A circle's arc is a parabola here: the sole dips by the share of the hollow that it spans.
  const dip = Math.max(0, sag * (1 - Math.min(1, soleMm / boardMm) ** 2))

  return (
    <g>
      <path
        d={`M${left} ${top} Q${middle} ${top + 2 * sag} ${left + board} ${top} L${left + board} ${top + 80} L${left} ${top + 80} Z`}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <rect
        x={middle - sole / 2}
        y={top + dip - 34}
        width={sole}
        height={34}
        className="fill-steel stroke-ink"
        strokeWidth={1.25}
      />
      <text x={middle} y={top + dip - 12} textAnchor="middle">
        sole
      </text>
      <Dimension
        from={{ x: left, y: top + 106 }}
        to={{ x: left + board, y: top + 106 }}
        text="board"
        offset={6}
      />
      <text x={middle} y={28} textAnchor="middle" className={row.good ? 'fill-soft' : 'fill-amber font-bold'}>
        {row.caption}
      </text>
    </g>
  )
}
