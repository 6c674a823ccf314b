import { Dimension } from './Dimension'
import { path, type Point, radians } from './geometry'
import { type GuideDrawn, guideShape } from './guideLayout'

interface GuideDrawingProps {
  guide: GuideDrawn
  projection: string
  width: number
  height: number
}

const BLADE_MM = 3

/** A blade in the guide on a stone: how far it stands out, and the angle that makes. */
export function GuideDrawing({ guide, projection, width, height }: GuideDrawingProps) {
  const shape = guideShape(guide)
  const stone = height - 46
  const scale = Math.min((width - 120) / shape.tail.x, (stone - 40) / (shape.tail.y + 6))
  const at = ({ x, y }: Point): Point => ({ x: 60 + x * scale, y: stone - y * scale })
  const turn = radians(guide.angleDeg)
  const below = { x: BLADE_MM * Math.sin(turn), y: -BLADE_MM * Math.cos(turn) }
  const under = (point: Point): Point => ({ x: point.x + below.x, y: point.y + below.y })
  const heel = { x: BLADE_MM / Math.sin(turn), y: 0 }
  const axle = at(shape.axle)

  return (
    <g>
      <rect x={16} y={stone} width={width - 32} height={24} className="fill-wood stroke-ink" />
      <text x={width - 28} y={stone + 17} textAnchor="end" className="fill-soft">
        stone
      </text>
      <path
        d={path(
          [
            shape.front,
            shape.axle,
            { x: shape.front.x + 26 * Math.cos(turn), y: shape.front.y + 26 * Math.sin(turn) },
          ].map(at),
        )}
        className="fill-rail stroke-ink"
        strokeWidth={1.5}
      />
      <path
        d={path([shape.edge, shape.tail, under(shape.tail), heel].map(at))}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <circle
        cx={axle.x}
        cy={axle.y}
        r={(guide.rollerMm / 2) * scale}
        className="fill-sheet stroke-ink"
        strokeWidth={1.5}
      />
      <circle cx={axle.x} cy={axle.y} r={2.5} className="fill-ink" />
      <Raised from={at(shape.edge)} to={at(shape.front)} text={projection} />
      <text x={at({ x: heel.x + 16, y: 0 }).x} y={stone - 6} className="figure halo">
        {Math.round(guide.angleDeg * 10) / 10}°
      </text>
    </g>
  )
}

/** The dimension along the blade, lifted off its back. */
function Raised({ from, to, text }: { from: Point; to: Point; text: string }) {
  const length = Math.hypot(to.x - from.x, to.y - from.y)
  const away = { x: ((to.y - from.y) / length) * 20, y: (-(to.x - from.x) / length) * 20 }
  const lift = (point: Point): Point => ({ x: point.x + away.x, y: point.y + away.y })
  return (
    <g>
      {[from, to].map((point) => (
        <line
          key={point.x}
          x1={point.x}
          y1={point.y}
          x2={point.x + away.x * 1.2}
          y2={point.y + away.y * 1.2}
          className="stroke-soft"
        />
      ))}
      <Dimension from={lift(from)} to={lift(to)} text={text} offset={12} />
    </g>
  )
}
