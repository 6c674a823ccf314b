import { arc, deepening } from './curveLayout'
import { path, type Point } from './geometry'

interface CurveDrawingProps {
  widthMm: number
  radiusMm: number
  sagMm: number
  places: readonly { atMm: number; strokes: number }[]
  /** The same relief on another bed. */
  other: { radiusMm: number; sagMm: number; bed: string } | null
  width: number
  height: number
}

const MARGIN = 40
const BARS = 0.42

/** An iron's edge from its face, and over it how many strokes fall at each place. */
export function CurveDrawing({ widthMm, radiusMm, sagMm, places, other, width, height }: CurveDrawingProps) {
  const scale = Math.min((width - 2 * MARGIN) / widthMm, 12)
  const deeper = deepening(Math.max(sagMm, other?.sagMm ?? 0), scale, height * 0.34)
  const base = height * BARS + 14
  const most = Math.max(1, ...places.map((place) => place.strokes))
  const strip = (widthMm / Math.max(1, places.length)) * scale
  const at = ({ x, y }: { x: number; y: number }) => ({
    x: width / 2 + x * scale,
    y: base + y * deeper * scale,
  })
  const edge = arc(widthMm, radiusMm).map(at)
  const bottom = height - 10
  const [left, right] = [edge[0], edge.at(-1)]
  if (!left || !right) return null
  return (
    <g>
      {places.map((place) => {
        const tall = (place.strokes / most) * (height * BARS - 40)
        const x = width / 2 + place.atMm * scale
        return (
          <g key={place.atMm}>
            <rect
              x={x - strip / 2 + 2}
              y={base - 12 - tall}
              width={strip - 4}
              height={tall}
              className="fill-blue-wash stroke-blue"
            />
            <text x={x} y={base - 18 - tall} textAnchor="middle" className="figure halo">
              {place.strokes}
            </text>
          </g>
        )
      })}
      <path
        d={path([...edge, { x: right.x, y: bottom }, { x: left.x, y: bottom }])}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <line
        x1={left.x}
        y1={base}
        x2={right.x}
        y2={base}
        className="stroke-soft"
        strokeWidth={1}
        strokeDasharray="4 3"
      />
      {other && <OtherCurve points={arc(widthMm, other.radiusMm).map(at)} bed={other.bed} />}
      <text x={width / 2} y={bottom - 8} textAnchor="middle" fontSize={12} className="fill-soft">
        {deeper === 1 ? 'the curve, true to its depth' : `the curve drawn ${deeper} times as deep as it is`}
      </text>
    </g>
  )
}

/** What a bed of another angle asks of the iron for the same corners in the wood. */
function OtherCurve({ points, bed }: { points: readonly Point[]; bed: string }) {
  const corner = points[0]
  return (
    <g>
      <path
        d={path(points, false)}
        className="fill-none stroke-blue"
        strokeWidth={1.5}
        strokeDasharray="6 4"
      />
      {corner && (
        <text x={corner.x + 10} y={corner.y + 2} fontSize={12} className="halo fill-blue">
          on a bed of {bed}°
        </text>
      )}
    </g>
  )
}
