import { besideEachOther } from '@/drawings/besideEachOther'
import { Dimension } from '@/drawings/Dimension'
import { path, type Point } from '@/drawings/geometry'
import { Lens } from '@/drawings/Lens'
import { pathEnds } from '@/drawings/pathEnds'
import { OutlinePaths } from '@/drawings/ToolOutline'
import type { FitDrawingProps } from './FitDrawing'

/** Finer teeth could not be told apart, px. */
const LEAST_PITCH = 2

/** The saw on its stock, to one scale; and where it cuts, enlarged: how many teeth are in the kerf at once. */
export function SawInStock({ row, outline, width, height }: FitDrawingProps) {
  const { pitchMm = 2, kerfLengthMm = 22 } = row.draw
  const teeth = outline?.edges[0] === undefined ? null : pathEnds(outline.edges[0])
  if (!outline || !teeth) return <Kerf {...{ pitchMm, kerfLengthMm, width, height }} caption={row.caption} />
  const { whole, lens } = besideEachOther(width, height)
  const scale = Math.min(whole.width / outline.widthMm, (whole.height * 0.66) / outline.heightMm)
  const left = whole.x + (whole.width - outline.widthMm * scale) / 2
  const top = whole.y + Math.max(0, whole.height * 0.62 - teeth.to.y * scale)
  // Sawn with the middle of the plate.
  const cut = {
    x: left + ((teeth.from.x + teeth.to.x) / 2) * scale,
    y: top + ((teeth.from.y + teeth.to.y) / 2) * scale,
  }
  const stock = Math.max(3, kerfLengthMm * scale)

  return (
    <g>
      <rect
        x={cut.x - stock / 2}
        y={cut.y - 5}
        width={stock}
        height={whole.y + whole.height - cut.y - 6}
        className="fill-timber stroke-ink"
        strokeWidth={1.25}
      />
      <g transform={`translate(${left} ${top}) scale(${scale})`}>
        <OutlinePaths outline={outline} wanted={false} marked={false} />
      </g>
      <Cut at={cut} lens={lens} caption={row.caption} pitchMm={pitchMm} kerfLengthMm={kerfLengthMm} />
    </g>
  )
}

interface CutProps {
  at: Point
  lens: { x: number; y: number; r: number }
  pitchMm: number
  kerfLengthMm: number
  caption: string
}

/** What a lens over the cut shows, drawn beside it. */
function Cut({ at, lens, pitchMm, kerfLengthMm, caption }: CutProps) {
  const { x, y, r } = lens
  const half = r * 0.62
  const scale = (2 * half) / kerfLengthMm
  return (
    <g>
      <Lens at={at} lens={lens}>
        <Teeth x={x - r} until={x + r} y={y} plate={r} pitch={Math.max(LEAST_PITCH, pitchMm * scale)}>
          <rect
            x={x - half}
            y={y - 4}
            width={2 * half}
            height={r}
            className="fill-timber stroke-ink"
            strokeWidth={1.5}
          />
        </Teeth>
      </Lens>
      <Dimension
        from={{ x: x - half, y: y + r * 0.62 }}
        to={{ x: x + half, y: y + r * 0.62 }}
        text={caption}
      />
    </g>
  )
}

interface TeethProps {
  x: number
  until: number
  /** Of the line that the points stand above, px. */
  y: number
  /** How much of the plate is seen above them, px. */
  plate: number
  pitch: number
  children: React.ReactNode
}

/** The toothed edge before what it cuts. */
function Teeth({ x, until, y, plate, pitch, children }: TeethProps) {
  const points: Point[] = []
  for (let at = x; at <= until; at += pitch)
    points.push({ x: at, y }, { x: at + pitch * 0.1, y: y + pitch * 0.75 })
  return (
    <>
      {children}
      <path
        d={path([{ x, y: y - plate }, { x: until, y: y - plate }, { x: until, y }, ...points.toReversed()])}
        className="fill-steel stroke-ink"
        strokeWidth={1.25}
      />
    </>
  )
}

/** The cut alone, of a saw that hangs on no board. */
function Kerf({
  pitchMm,
  kerfLengthMm,
  width,
  height,
  caption,
}: Pick<CutProps, 'pitchMm' | 'kerfLengthMm' | 'caption'> & { width: number; height: number }) {
  // On the narrowest sheet the margins give way, so that a tooth always has a width.
  const left = Math.min(100, width * 0.3)
  const scale = (width - 2 * left) / kerfLengthMm
  const y = height * 0.42
  return (
    <g>
      <Teeth
        x={left - 80}
        until={width - 24}
        y={y}
        plate={height * 0.26}
        pitch={Math.max(LEAST_PITCH, pitchMm * scale)}
      >
        <rect
          x={left}
          y={y - 4}
          width={kerfLengthMm * scale}
          height={height * 0.42}
          className="fill-timber stroke-ink"
          strokeWidth={1.5}
        />
      </Teeth>
      <Dimension
        from={{ x: left, y: height - 26 }}
        to={{ x: left + kerfLengthMm * scale, y: height - 26 }}
        text={caption}
      />
    </g>
  )
}
