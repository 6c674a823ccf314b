import { BoardEdge, Gap, Marker, Turned } from './marks'
import { type LastResult, Panels } from './Panels'

interface SquareReadingProps {
  square: { bladeMm: number; bladeWidthMm: number; stockMm: number; stockWidthMm: number }
  last: LastResult | undefined
  width: number
  height: number
}

const EDGE = 112
const FOOT = 150
const APART = 13

/** Knife a line, turn the square over, knife another from the same foot, read the gap at the tip. */
export function SquareReading({ square, last, width, height }: SquareReadingProps) {
  const scale = Math.min(
    92 / Math.max(1, square.bladeMm),
    128 / Math.max(1, square.stockMm),
    34 / Math.max(1, square.stockWidthMm),
  )
  const size = {
    blade: square.bladeMm * scale,
    wide: square.bladeWidthMm * scale,
    stock: square.stockMm * scale,
    deep: square.stockWidthMm * scale,
  }
  const tip = EDGE - size.blade
  const first = <line x1={FOOT} y1={EDGE} x2={FOOT - APART} y2={tip} className="stroke-ink" strokeWidth={2} />
  return (
    <Panels
      {...{ width, height }}
      panels={[
        {
          says: ['Stock to the edge:', 'knife a line'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Held size={size} side={-1} />
              <line x1={FOOT} y1={EDGE} x2={FOOT} y2={tip} className="stroke-ink" strokeWidth={2} />
              <Marker x={FOOT + 1} y={tip + 12} />
            </g>
          ),
        },
        {
          says: ['Turn the square over', 'to the same foot'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Held size={size} side={-1} isGhost />
              <Held size={size} side={1} />
              <Turned from={{ x: FOOT - size.wide, y: tip + 14 }} to={{ x: FOOT + size.wide, y: tip + 14 }} />
            </g>
          ),
        },
        {
          says: ['Knife again', 'from the same foot'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Held size={size} side={1} />
              {first}
              <Marker x={FOOT + 1} y={tip + 12} />
            </g>
          ),
        },
        {
          says: ['Read the gap', 'at the tip'],
          last,
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <path
                d={`M${FOOT} ${EDGE}L${FOOT - APART} ${tip}H${FOOT + APART}Z`}
                className="fill-amber-wash opacity-60"
              />
              {first}
              <line
                x1={FOOT}
                y1={EDGE}
                x2={FOOT + APART}
                y2={tip}
                className="stroke-ink"
                strokeWidth={2}
                strokeDasharray="6 4"
              />
              <Gap x={FOOT - APART} y={tip + 4} to={{ x: FOOT + APART, y: tip + 4 }} />
            </g>
          ),
        },
      ]}
    />
  )
}

interface HeldProps {
  size: { blade: number; wide: number; stock: number; deep: number }
  /** On which side of the foot it lies: −1 left, 1 right. */
  side: -1 | 1
  isGhost?: boolean
}

/** The square with the outer edge of its blade at the foot. */
function Held({ size, side, isGhost = false }: HeldProps) {
  const line = isGhost ? 'fill-none stroke-soft' : 'stroke-ink'
  const dash = isGhost ? '6 4' : undefined
  const left = (reach: number) => (side < 0 ? FOOT - reach : FOOT)
  return (
    <g strokeWidth={1.5} strokeDasharray={dash}>
      <rect
        x={left(size.wide)}
        y={EDGE - size.blade}
        width={size.wide}
        height={size.blade}
        className={`${line} ${isGhost ? '' : 'fill-sheet'}`}
      />
      <rect
        x={left(size.stock)}
        y={EDGE}
        width={size.stock}
        height={size.deep}
        className={`${line} ${isGhost ? '' : 'fill-steel'}`}
      />
    </g>
  )
}
