import { degrees, path, type Point, radians } from '@/drawings/geometry'
import { bladeOutline, type DrawnBlade } from './bladeLayout'

interface BladeOnWoodProps {
  blade: DrawnBlade
  width: number
  height: number
}

// A shaving is drawn this thick, px: a real one would not be seen.
const SHAVING = 4

/** The blade as it meets the wood: bed, cutting angle, clearance; a blade without a bed lies on its back. */
export function BladeOnWood({ blade, width, height }: BladeOnWoodProps) {
  const bed = blade.bedDeg ?? 0
  const up = blade.bedDeg === null || blade.bevelUp
  const edge = { x: width * 0.36, y: height - 44 }
  const scale = Math.min(height / 34, 9)
  const lengthMm = (height - 60) / scale / Math.max(0.45, Math.sin(radians(bed)))
  const place = onBed(edge, scale, bed, up)
  const cutting = blade.cuttingDeg ?? blade.secondaryDeg
  const clearance = blade.clearanceDeg

  return (
    <g>
      <path
        d={`M0 ${height} V${edge.y - SHAVING} H${edge.x} V${edge.y} H${width} V${height} Z`}
        className="fill-wood stroke-ink"
      />
      <path
        d={`M${edge.x} ${edge.y} q-6 -34 18 -46`}
        className="fill-none stroke-ink"
        strokeWidth={SHAVING}
        strokeOpacity={0.35}
      />
      {blade.bedDeg !== null && (
        <Bed edge={edge} place={place} width={width} up={up} thickness={blade.thicknessMm} />
      )}
      <path
        d={path(bladeOutline(blade, lengthMm).map(place))}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <Arc at={edge} to={cutting} radius={Math.min(96, width * 0.28)} />
      <text x={14} y={30} className="figure">
        {degrees(cutting)} cutting
      </text>
      {clearance !== null && clearance > 0 && (
        <>
          <Arc at={edge} to={clearance} radius={Math.min(150, width * 0.42)} />
          <text x={width - 12} y={height - 16} textAnchor="end" className="figure">
            {degrees(clearance)} clear behind
          </text>
        </>
      )}
      <text x={14} y={height - 16} className="fill-soft">
        ← wood
      </text>
    </g>
  )
}

/** From the blade's own section to the sheet: its flat face on the bed, bevel under or over it. */
function onBed(edge: Point, scale: number, bedDeg: number, bevelUp: boolean) {
  const turn = radians(bedDeg)
  const side = bevelUp ? -1 : 1
  return ({ x, y }: Point): Point => ({
    x: edge.x + (x * Math.cos(turn) + side * y * Math.sin(turn)) * scale,
    y: edge.y - (x * Math.sin(turn) - side * y * Math.cos(turn)) * scale,
  })
}

function Bed({
  edge,
  place,
  width,
  up,
  thickness,
}: {
  edge: Point
  place: (point: Point) => Point
  width: number
  up: boolean
  thickness: number
}) {
  // What the iron lies on, drawn as a strip under it, and the sole before and behind the mouth.
  const under = up ? 0 : thickness
  const gap = up ? -1.5 : thickness + 1.5
  const strip = [
    place({ x: 9, y: under }),
    place({ x: 60, y: under }),
    place({ x: 60, y: gap }),
    place({ x: 9, y: gap }),
  ]
  return (
    <g>
      <path d={path(strip)} className="fill-sheet stroke-soft" />
      <path
        d={`M0 ${edge.y - SHAVING - 1} H${edge.x - 22} M${Math.max(edge.x + 34, (strip[0]?.x ?? 0) + 8)} ${edge.y - 1} H${width}`}
        className="stroke-ink"
        strokeWidth={3}
      />
    </g>
  )
}

/** From the wood's surface up to a face of the iron. */
function Arc({ at, to, radius }: { at: Point; to: number; radius: number }) {
  const end = { x: at.x + radius * Math.cos(radians(to)), y: at.y - radius * Math.sin(radians(to)) }
  return (
    <path
      d={`M${at.x + radius} ${at.y} A${radius} ${radius} 0 0 0 ${end.x} ${end.y}`}
      className="fill-none stroke-ink"
      strokeWidth={1.5}
    />
  )
}
