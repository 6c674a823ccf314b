/** What stands in several scenes of how a reading is taken. */

interface At {
  x: number
  y: number
}

/** A board from above with one straight edge, below. */
export function BoardEdge({ y }: { y: number }) {
  return (
    <g>
      <rect x={6} y={4} width={288} height={y - 4} className="fill-wood" />
      <line x1={0} x2={300} y1={y} y2={y} className="stroke-ink" strokeWidth={2} />
    </g>
  )
}

/** A knife, or a pencil, whose point is here and whose handle leans to the right. */
export function Marker({ x, y }: At) {
  return (
    <g transform={`translate(${x} ${y}) rotate(38)`}>
      <path d="M0 0L-3.5 -13H3.5Z" className="fill-steel stroke-ink" strokeWidth={1.2} />
      <rect
        x={-4.5}
        y={-42}
        width={9}
        height={29}
        rx={3}
        className="fill-timber stroke-ink"
        strokeWidth={1.2}
      />
    </g>
  )
}

/** From one place over to another, as a hand turns a thing over. */
export function Turned({ from, to, rise = 26 }: { from: At; to: At; rise?: number }) {
  const middle = { x: (from.x + to.x) / 2, y: Math.min(from.y, to.y) - rise }
  const angle = (Math.atan2(to.y - middle.y, to.x - middle.x) * 180) / Math.PI
  return (
    <g>
      <path
        d={`M${from.x} ${from.y}Q${middle.x} ${middle.y} ${to.x} ${to.y}`}
        className="fill-none stroke-ink"
        strokeWidth={1.6}
      />
      <path
        d="M0 0L-10 -4.5V4.5Z"
        transform={`translate(${to.x} ${to.y}) rotate(${angle})`}
        className="fill-ink"
      />
    </g>
  )
}

/** An eye that looks to the right. */
export function Eye({ x, y }: At) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d="M-13 0Q0 -12 13 0Q0 12 -13 0Z" className="fill-sheet stroke-ink" strokeWidth={1.6} />
      <circle cx={3} cy={0} r={4.5} className="fill-ink" />
    </g>
  )
}

/** Two arrows at a gap, from either side. */
export function Gap({ x, y, to }: { x: number; y: number; to: At }) {
  const along = (Math.atan2(to.y - y, to.x - x) * 180) / Math.PI
  return (
    <g className="fill-blue stroke-blue">
      <path
        d="M0 0L-9 -4V4Z M-9 0H-24"
        transform={`translate(${x} ${y}) rotate(${along})`}
        strokeWidth={1.6}
      />
      <path
        d="M0 0L-9 -4V4Z M-9 0H-24"
        transform={`translate(${to.x} ${to.y}) rotate(${along + 180})`}
        strokeWidth={1.6}
      />
    </g>
  )
}
