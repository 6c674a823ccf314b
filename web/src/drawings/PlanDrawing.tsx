import type { Schemas } from '@/api/client'
import { Dimension } from './Dimension'
import { offset, type Placed } from './planLayout'

const AWAY = 18

interface PlanDrawingProps {
  placed: readonly Placed[]
  scale: number
}

/** A shop drawing: each view with its name and its dimensions, all to one scale. */
export function PlanDrawing({ placed, scale }: PlanDrawingProps) {
  return (
    <g>
      {placed.map(({ view, x, y }) => (
        <g key={view.name} transform={`translate(${x} ${y})`}>
          <text x={-32} y={-40} fontSize={13} className="fill-soft">
            {view.name}
          </text>
          <g transform={`scale(${scale})`}>
            <ViewPaths view={view} />
          </g>
          {view.dims.map((dim, index) => (
            // By its place: at a new size it moves, and is not made anew.
            <Dim key={index} dim={dim} view={view} scale={scale} />
          ))}
        </g>
      ))}
    </g>
  )
}

type Seen = Pick<Schemas['PlanView'], 'seen' | 'hidden'>

/** What is seen of a view, and dashed what is not; mm. */
function ViewPaths({ view }: { view: Seen }) {
  return (
    <>
      {view.seen.map((path, index) => (
        <path
          key={index}
          d={path}
          className={path.endsWith('Z') ? 'fill-wood stroke-ink' : 'fill-none stroke-ink'}
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {view.hidden.map((path, index) => (
        <path
          key={index}
          d={path}
          className="fill-none stroke-soft"
          strokeWidth={1}
          strokeDasharray="5 4"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </>
  )
}

/** A view alone, as large as fits into a box, px. */
export function SmallView({
  view,
  width,
  height,
}: {
  view: Schemas['PlanView']
  width: number
  height: number
}) {
  const scale = Math.min((width - 4) / view.widthMm, (height - 4) / view.heightMm)
  const [x, y] = [(width - view.widthMm * scale) / 2, (height - view.heightMm * scale) / 2]
  return (
    <svg aria-hidden width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="shrink-0">
      <g transform={`translate(${x} ${y}) scale(${scale})`}>
        <ViewPaths view={view} />
      </g>
    </svg>
  )
}

interface DimProps {
  dim: Schemas['PlanDim']
  view: Schemas['PlanView']
  scale: number
}

function Dim({ dim, view, scale }: DimProps) {
  const off = offset(dim, view, AWAY)
  const at = (x: number, y: number) => ({ x: x * scale + off.x, y: y * scale + off.y })
  const [from, to] = [at(dim.fromX, dim.fromY), at(dim.toX, dim.toY)]
  return (
    <g fontSize={13}>
      {[
        [dim.fromX, dim.fromY],
        [dim.toX, dim.toY],
      ].map(([x = 0, y = 0], end) => (
        <line
          key={end}
          x1={x * scale}
          y1={y * scale}
          x2={x * scale + off.x * 1.25}
          y2={y * scale + off.y * 1.25}
          className="stroke-rule"
        />
      ))}
      <Dimension from={from} to={to} text={dim.says} offset={off.y > 0 ? -16 : off.x > 0 ? -14 : 6} />
    </g>
  )
}
