import type { Schemas } from '@/api/client'
import { fittingFactor, path, type Point, radians } from './geometry'

interface SlopeDrawingProps {
  result: Schemas['SlopeResult']
  width: number
  height: number
}

const FOOT = 50

const FACTORS = [1, 2, 5, 10, 20, 50, 100]
const MOST_APART = 6

/** By how much the difference from the slope it should have is drawn larger. */
export function slopeFactor(result: Schemas['SlopeResult']): number {
  const apart = result.nominalDeg == null ? 0 : result.angleDeg - result.nominalDeg
  return apart === 0 ? 1 : fittingFactor(apart, 1, MOST_APART, FACTORS)
}

/** The line the template draws, both ways round from one foot, and the slope it should have. */
export function SlopeDrawing({ result, width, height }: SlopeDrawingProps) {
  const foot = { x: width / 2, y: height - FOOT }
  const long = height - FOOT - 46
  const along = (deg: number): Point => ({
    x: foot.x + long * Math.tan(radians(deg)),
    y: foot.y - long,
  })
  const meant = result.nominalDeg
  const drawn =
    (meant ?? result.angleDeg) + (result.angleDeg - (meant ?? result.angleDeg)) * slopeFactor(result)
  const lines = [drawn, -drawn]

  return (
    <g>
      <rect x={16} y={26} width={width - 32} height={height - FOOT - 26} className="fill-wood" />
      <line x1={16} x2={width - 16} y1={foot.y} y2={foot.y} className="stroke-ink" strokeWidth={2} />
      <line x1={foot.x} x2={foot.x} y1={foot.y} y2={34} className="stroke-soft" strokeDasharray="8 4 2 4" />
      {meant != null &&
        [meant, -meant].map((deg) => (
          <path
            key={deg}
            d={path([foot, along(deg)], false)}
            className="fill-none stroke-amber"
            strokeWidth={2}
            strokeDasharray="6 4"
          />
        ))}
      {lines.map((deg) => (
        <path
          key={deg}
          d={path([foot, along(deg)], false)}
          className="fill-none stroke-ink"
          strokeWidth={2}
        />
      ))}
      <text x={foot.x} y={foot.y + 22} textAnchor="middle">
        straight edge of a board
      </text>
      <text x={along(drawn).x + 10} y={along(drawn).y + 24} className="figure halo">
        {result.angle}
      </text>
      <text x={24} y={44} className="fill-soft">
        {meant != null ? 'dashed: as it should be' : 'the line drawn, and turned over'}
      </text>
    </g>
  )
}
