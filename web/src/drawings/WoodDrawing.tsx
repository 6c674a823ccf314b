import { DrawnFigure } from './DrawnFigure'
import { Rings } from './Rings'

interface WoodDrawingProps {
  widthMm: number
  ringDeg: number
  changeMm: number
  change: string
  width: number
  height: number
}

const MARGIN = 48
/** How much larger a change is drawn, so that it can be seen. */
export const LARGER = 8

/** The end of a board with its rings, and over it how wide it becomes; the change drawn larger than it is. */
export function WoodDrawing({ widthMm, ringDeg, changeMm, change, width, height }: WoodDrawingProps) {
  const scale = (width - 2 * MARGIN) / (widthMm + Math.abs(changeMm) * LARGER)
  const wide = widthMm * scale
  const thick = Math.min(height * 0.4, Math.max(46, wide * 0.18))
  const top = (height - thick) / 2 + 12
  const left = (width - wide) / 2
  const grown = (changeMm * LARGER * scale) / 2
  return (
    <g>
      <rect x={left} y={top} width={wide} height={thick} className="fill-wood stroke-ink" strokeWidth={1.5} />
      <Rings left={left} top={top} wide={wide} thick={thick} ringDeg={ringDeg} apart={9} />
      <rect
        x={left - grown}
        y={top - 4}
        width={Math.max(0, wide + 2 * grown)}
        height={thick + 8}
        className="fill-none stroke-blue"
        strokeWidth={1.5}
        strokeDasharray="6 4"
      />
      <text x={width / 2} y={top - 18} textAnchor="middle" className="figure halo">
        {changeMm < 0 ? 'shrinks' : 'grows'} <DrawnFigure text={change} />
      </text>
    </g>
  )
}
