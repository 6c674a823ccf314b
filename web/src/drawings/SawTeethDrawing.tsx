import type { Schemas } from '@/api/client'
import { Dimension } from './Dimension'
import { degrees, path, type Point, radians } from './geometry'
import { fromTheEnd, profile, shownIn, teethScale } from './sawLayout'

interface SawTeethDrawingProps {
  drawn: Schemas['DrawnTeeth']
  width: number
  height: number
}

const MARGIN = 44
/** What is written above the tips takes so much at least. */
const TOP = 64
/** The view from the end takes this share of the width, where the plate is known. */
const END = 0.26

/** Teeth true to their numbers: from the side, tips up as they stand in the vice, and from the end. */
export function SawTeethDrawing({ drawn, width, height }: SawTeethDrawingProps) {
  const endWidth = drawn.plateMm === null ? 0 : width * END
  const sideWidth = width - endWidth - 2 * MARGIN
  const top = Math.max(TOP, height * 0.28)
  return (
    <g>
      <g transform={`translate(${MARGIN} ${top})`}>
        <FromTheSide drawn={drawn} width={sideWidth} height={height - top} />
      </g>
      {drawn.plateMm !== null && (
        <g transform={`translate(${width - endWidth / 2 - 8} ${top})`}>
          <FromTheEnd drawn={drawn} plateMm={drawn.plateMm} width={endWidth - MARGIN} height={height - top} />
        </g>
      )}
    </g>
  )
}

function FromTheSide({ drawn, width, height }: SawTeethDrawingProps) {
  const scale = teethScale(drawn, width, height)
  const at = ({ x, y }: Point): Point => ({ x: x * scale, y: y * scale })
  const shown = shownIn(width)
  const points = profile(drawn, shown + 1).map(at)
  const [first, last] = [points[0], points.at(-2)]
  if (!first || !last) return null
  const bottom = { x: 0, y: Math.min(height - 40, drawn.heightMm * scale * 1.9) }
  const outline = [...points.slice(0, -1), { ...last, y: bottom.y }, { ...first, y: bottom.y }]
  const tip = drawn.pitchMm * scale
  const lean = drawn.heightMm * scale * Math.tan(radians(drawn.rakeDeg))

  return (
    <g>
      <path d={path(outline)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      {drawn.fleamDeg > 0 && <Facets drawn={drawn} scale={scale} shown={shown} />}
      <Dimension from={{ x: (shown - 1) * tip, y: -18 }} to={{ x: shown * tip, y: -18 }} text={drawn.pitch} />
      <Dimension
        from={{ x: -14, y: 0 }}
        to={{ x: -14, y: drawn.heightMm * scale }}
        text={drawn.height}
        offset={6}
      />
      <line
        x1={tip}
        y1={-34}
        x2={tip}
        y2={drawn.heightMm * scale}
        className="stroke-blue"
        strokeDasharray="4 3"
      />
      <line
        x1={tip - lean * (34 / (drawn.heightMm * scale))}
        y1={-34}
        x2={tip + lean}
        y2={drawn.heightMm * scale}
        className="stroke-blue"
      />
      <text x={tip} y={-40} textAnchor="middle" className="figure halo">
        rake {degrees(drawn.rakeDeg)}
      </text>
      <text x={0} y={bottom.y + 18} fontSize={12} className="fill-soft">
        cuts this way →{drawn.fleamDeg > 0 && ` pale: turned to you, fleam ${degrees(drawn.fleamDeg)}`}
      </text>
    </g>
  )
}

/** Faces that the fleam turns toward the eye: at every other tooth, as wide as the plate makes them. */
function Facets({ drawn, scale, shown }: { drawn: Schemas['DrawnTeeth']; scale: number; shown: number }) {
  const reach =
    Math.min((drawn.plateMm ?? 0.8) * Math.tan(radians(drawn.fleamDeg)), drawn.pitchMm / 3) * scale
  const [pitch, high] = [drawn.pitchMm * scale, drawn.heightMm * scale]
  const lean = high * Math.tan(radians(drawn.rakeDeg))
  return Array.from({ length: Math.floor(shown / 2) }, (_, index) => (2 * index + 1) * pitch).map((x) => (
    <path
      key={x}
      d={path([
        { x, y: 0 },
        { x: x + lean, y: high },
        { x: x + lean - reach, y: high },
      ])}
      className="fill-sheet stroke-ink"
      strokeWidth={1}
    />
  ))
}

interface FromTheEndProps extends SawTeethDrawingProps {
  plateMm: number
}

function FromTheEnd({ drawn, plateMm, width, height }: FromTheEndProps) {
  const kerfMm = plateMm + 2 * drawn.setMm
  const scale = Math.min((0.5 * width) / kerfMm, (height - 30) / (2 * drawn.heightMm))
  const [left, right] = fromTheEnd(plateMm, drawn.setMm, drawn.heightMm)
  const drawnAs = (points: readonly Point[]) =>
    path(points.map((point) => ({ x: point.x * scale, y: point.y * scale })))
  return (
    <g>
      <path d={drawnAs(left)} className="fill-steel stroke-soft" strokeWidth={1} />
      <path d={drawnAs(right)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      {drawn.kerf && (
        <Dimension
          from={{ x: (-kerfMm / 2) * scale, y: -18 }}
          to={{ x: (kerfMm / 2) * scale, y: -18 }}
          text={drawn.kerf}
        />
      )}
      <text y={-44} textAnchor="middle" fontSize={12} className="fill-soft">
        the cut
      </text>
    </g>
  )
}
