interface StraightedgeSketchProps {
  lengthMm: number
  width: number
}

const SIDE = 40
const MIDDLE = 84
const PART = 16
const TICKS = [0, 0.25, 0.5, 0.75, 1]

/** Before the first reading: two lines drawn along one edge, turned over between them, part by twice its error. */
export function StraightedgeSketch({ lengthMm, width }: StraightedgeSketchProps) {
  const [left, right] = [SIDE, width - SIDE]
  const centre = (left + right) / 2
  const bow = (by: number) => `M${left} ${MIDDLE} Q${centre} ${MIDDLE + 2 * by} ${right} ${MIDDLE}`
  return (
    <g>
      <rect x={left - 16} y={MIDDLE - 58} width={right - left + 32} height={116} className="fill-wood" />
      <path
        d={`${bow(-PART)} Q${centre} ${MIDDLE + 2 * PART} ${left} ${MIDDLE}`}
        className="fill-amber-wash"
      />
      <path d={bow(-PART)} className="fill-none stroke-ink" strokeWidth={2} />
      <path d={bow(PART)} className="fill-none stroke-soft" strokeWidth={2} strokeDasharray="6 4" />
      <text x={centre} y={MIDDLE - PART - 14} textAnchor="middle">
        the line drawn first
      </text>
      <text x={centre} y={MIDDLE + PART + 24} textAnchor="middle" className="fill-soft">
        turned over, drawn again from the same ends
      </text>
      {TICKS.map((at) => (
        <g key={at}>
          <line
            x1={left + at * (right - left)}
            x2={left + at * (right - left)}
            y1={MIDDLE + 62}
            y2={MIDDLE + 70}
            className="stroke-ink"
          />
          <text x={left + at * (right - left)} y={MIDDLE + 86} textAnchor="middle" className="fill-soft">
            {Math.round(at * lengthMm)}
          </text>
        </g>
      ))}
      <text x={left - 16} y={MIDDLE + 108} className="fill-soft">
        read the gap at each place
      </text>
    </g>
  )
}
