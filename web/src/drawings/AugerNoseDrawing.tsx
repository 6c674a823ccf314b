import { nose } from './augerLayout'
import { Dimension } from './Dimension'
import { path } from './geometry'

interface AugerNoseDrawingProps {
  spursMm: number
  twistMm: number
  heightMm: number | null
  labels: { spurs: string; twist: string; height: string | null }
  width: number
  height: number
}

/** Where the spurs stand out is too little to see at scale: it is drawn so many times larger. */
const LARGER = 4

/** The nose of one bit, spurs down: their width against the twist's, four times larger than it is. */
export function AugerNoseDrawing({
  spursMm,
  twistMm,
  heightMm,
  labels,
  width,
  height,
}: AugerNoseDrawingProps) {
  const tall = heightMm ?? spursMm * 0.12
  const scale = Math.min((width * 0.4) / spursMm, (height - 60) / (spursMm * 1.7))
  const shown = Math.max(spursMm * 0.5, spursMm - (spursMm - twistMm) * LARGER)
  const middle = width / 2
  const base = height - 24 - spursMm * 0.4 * scale
  const at = (x: number, y: number) => ({ x: middle + x * scale, y: base + y * scale })
  const points = nose(spursMm, shown, tall).map(({ x, y }) => at(x, y))
  return (
    <g>
      <path d={path(points)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      <Dimension
        from={at(-spursMm / 2, spursMm * 0.42)}
        to={at(spursMm / 2, spursMm * 0.42)}
        text={labels.spurs}
        offset={-16}
      />
      <Dimension
        from={at(-shown / 2, -spursMm * 1.25)}
        to={at(shown / 2, -spursMm * 1.25)}
        text={labels.twist}
      />
      {labels.height && (
        <Dimension
          from={at(spursMm * 0.68, 0)}
          to={at(spursMm * 0.68, tall)}
          text={labels.height}
          offset={-18}
        />
      )}
    </g>
  )
}
