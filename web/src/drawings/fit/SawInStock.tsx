import { Dimension } from '@/drawings/Dimension'
import { path, type Point } from '@/drawings/geometry'
import type { FitDrawingProps } from './FitDrawing'

/** Finer teeth could not be told apart, px. */
const LEAST_PITCH = 2

/** The toothed edge in the stock, to scale: how many teeth are in the kerf at once. */
export function SawInStock({ row, width, height }: FitDrawingProps) {
  const { pitchMm = 2, kerfLengthMm = 22 } = row.draw
  // On the narrowest sheet the margins give way, so that a tooth always has a width.
  const left = Math.min(100, width * 0.3)
  const scale = (width - 2 * left) / kerfLengthMm
  const top = height * 0.42
  const pitch = Math.max(LEAST_PITCH, pitchMm * scale)
  const teeth: Point[] = []
  for (let x = left - 80; x <= width - 24; x += pitch)
    teeth.push({ x, y: top }, { x: x + pitch * 0.1, y: top + pitch * 0.75 })
  const plateTop = top - height * 0.26

  return (
    <g>
      <rect
        x={left}
        y={top - 4}
        width={kerfLengthMm * scale}
        height={height * 0.42}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <path
        d={path([
          { x: left - 80, y: plateTop },
          { x: width - 24, y: plateTop },
          { x: width - 24, y: top },
          ...teeth.toReversed(),
        ])}
        className="fill-steel stroke-ink"
        strokeWidth={1.25}
      />
      <Dimension
        from={{ x: left, y: height - 26 }}
        to={{ x: left + kerfLengthMm * scale, y: height - 26 }}
        text={row.caption}
      />
      <text x={left + 10} y={height * 0.72} className="fill-soft">
        stock
      </text>
    </g>
  )
}
