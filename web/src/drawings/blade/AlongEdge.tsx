import { fittingFactor, path, type Point } from '@/drawings/geometry'
import { type DrawnBlade, standsBack } from './bladeLayout'

interface AlongEdgeProps {
  blade: DrawnBlade
  width: number
  height: number
}

const CHOICES = [1, 2, 5, 10, 20, 50, 100, 200]
const PLACES = 40
const SIDE = 26

const roomFor = (height: number) => height * 0.3
const scaleOf = (blade: DrawnBlade, width: number) => (width - 2 * SIDE) / blade.widthMm

/** By how much heights are drawn larger than widths, so that a curve or a nick can be seen. */
export function alongFactor(blade: DrawnBlade, width: number, height: number): number {
  const tallest = Math.max(blade.sagMm, blade.nickMm ?? 0)
  // A skew is large enough as it is: it is drawn true.
  return tallest === 0 ? 1 : fittingFactor(tallest, scaleOf(blade, width), roomFor(height), CHOICES)
}

/** The blade seen along the tool: curve, skew and nick of its edge against the wood, and the shaving it takes. */
export function AlongEdge({ blade, width, height }: AlongEdgeProps) {
  const scale = scaleOf(blade, width)
  const factor = alongFactor(blade, width, height)
  const line = height - 40
  const skewed = blade.skewDeg > 0
  const across = Array.from({ length: PLACES + 1 }, (_, index) => blade.widthMm * (index / PLACES - 0.5))
  const at = (acrossMm: number): Point => ({
    x: width / 2 + acrossMm * scale,
    y: line - Math.min(line - 34, standsBack(blade, acrossMm) * scale * (skewed ? 1 : factor)),
  })
  const edge = nicked(across.map(at), blade, scale * factor)
  const top = 26

  return (
    <g>
      <path
        d={path([
          { x: width / 2 - (blade.widthMm / 2) * scale, y: top },
          ...edge,
          { x: width / 2 + (blade.widthMm / 2) * scale, y: top },
        ])}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <path d={`M6 ${line} H${width - 6}`} className="stroke-soft" strokeDasharray="6 4" />
      <text x={width / 2} y={line + 26} textAnchor="middle">
        {says(blade)}
      </text>
      {blade.sagMm > 0 && (
        <path
          d={`M${SIDE - 8} ${line} V${at(-blade.widthMm / 2).y}`}
          className="stroke-amber"
          strokeWidth={3}
        />
      )}
    </g>
  )
}

function says(blade: DrawnBlade): string {
  const parts = [
    blade.sagMm > 0 ? `corners ${blade.sag} back, ${blade.relief} in the wood` : '',
    blade.skewDeg > 0 ? `skewed ${Math.round(blade.skewDeg * 10) / 10}°` : '',
    blade.nickMm ? (blade.nickRoute === 'grind' ? 'nick: to the wheel' : 'nick: honed out') : '',
  ].filter(Boolean)
  return parts.length > 0 ? parts.join('; ') : 'straight across'
}

/** A notch at a third of the width. */
function nicked(edge: Point[], blade: DrawnBlade, scale: number): Point[] {
  if (!blade.nickMm) return edge
  const place = Math.round(edge.length / 3)
  const deep = blade.nickMm * scale
  return edge.map((point, index) =>
    index === place ? { x: point.x, y: Math.max(30, point.y - deep) } : point,
  )
}
