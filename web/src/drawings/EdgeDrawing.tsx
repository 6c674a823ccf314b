import { DrawnFigure } from './DrawnFigure'
import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { Dimension } from './Dimension'
import { edgeShape, shownLengthMm } from './edgeLayout'
import type { Point } from './geometry'
import { Hatch } from './Hatch'
import { degrees } from './geometry'

interface EdgeDrawingProps {
  drawn: Schemas['DrawnEdge']
  /** Pixels per mm of the large detail at the edge. */
  detailScale: number
  width: number
  height: number
}

const LEFT = 56
const BELOW = 62
// A bevel drawn shorter than this has no room for its figure, px.
const ROOM = 60

/** An edge in section: the whole bevel small, and its very edge large with what the stones will take. */
export function EdgeDrawing({ drawn, detailScale, width, height }: EdgeDrawingProps) {
  const id = useId()
  const origin = { x: LEFT, y: height - BELOW }
  const shape = edgeShape(drawn, detailScale, origin, (2 * width) / detailScale)
  const takes = drawn.recessionMm > 0
  // Without a strip of it yet, the honed angle is only meant to be.
  const steeper = drawn.secondaryDeg > drawn.primaryDeg && drawn.contactLengthMm > 0

  return (
    <g>
      <defs>
        <Hatch id={`${id}-hatch`} />
        <clipPath id={`${id}-sheet`}>
          <rect width={width} height={height} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}-sheet)`}>
        <path d={shape.steel} className="fill-steel stroke-ink" strokeWidth={1.5} />
        {takes && (
          <path
            d={shape.taken}
            fill={`url(#${id}-hatch)`}
            className="stroke-blue"
            strokeWidth={1.5}
            data-testid="taken"
          />
        )}
      </g>
      <Angle
        at={shape.edge}
        deg={steeper ? drawn.secondaryDeg : drawn.primaryDeg}
        radius={Math.min(150, width * 0.24)}
        text={steeper ? `${degrees(drawn.secondaryDeg)} honed` : degrees(drawn.primaryDeg)}
      />
      {takes && <Recession shape={shape} text={drawn.recession} />}
      {steeper && drawn.contactLengthMm * detailScale > ROOM && (
        <Width shape={shape} takes={takes} text={drawn.contactLength} />
      )}
      <Whole drawn={drawn} width={width} height={height} shownMm={(width - LEFT) / detailScale} />
      <text x={width - 14} y={origin.y + 22} textAnchor="end" className="fill-soft">
        back
      </text>
    </g>
  )
}

/** Pixels per mm at which the secondary bevel, now or after honing, fills a good part of the sheet. */
export function detailScaleFor(drawn: Schemas['DrawnEdge'], width: number, height: number): number {
  const bevelMm = Math.max(
    drawn.contactLengthMm,
    drawn.microWidthMm,
    drawn.recessionMm * 2,
    drawn.thicknessMm * 0.12,
  )
  return Math.min((width * 0.52) / bevelMm, (height * 0.6) / bevelMm)
}

type Shape = ReturnType<typeof edgeShape>

function Angle({ at, deg, radius, text }: { at: Point; deg: number; radius: number; text: string }) {
  const turn = (deg * Math.PI) / 180
  const end = { x: at.x + radius * Math.cos(turn), y: at.y - radius * Math.sin(turn) }
  return (
    <g>
      <path
        d={`M${at.x + radius} ${at.y} A${radius} ${radius} 0 0 0 ${end.x} ${end.y}`}
        className="fill-none stroke-ink"
      />
      <text x={at.x + radius + 8} y={at.y - radius * 0.22} className="figure">
        {text}
      </text>
    </g>
  )
}

function Recession({ shape, text }: { shape: Shape; text: string }) {
  const y = shape.edge.y + 26
  return (
    <g>
      {[shape.edge, shape.newEdge].map((point) => (
        <line key={point.x} x1={point.x} x2={point.x} y1={point.y + 3} y2={y + 6} className="stroke-ink" />
      ))}
      <line x1={shape.edge.x - 12} x2={shape.newEdge.x + 12} y1={y} y2={y} className="stroke-ink" />
      <text x={shape.newEdge.x + 18} y={y + 5}>
        the edge goes back <tspan fontWeight={700}>{text}</tspan>
      </text>
    </g>
  )
}

/** Width of the honed bevel after the honing, along it. */
function Width({ shape, takes, text }: { shape: Shape; takes: boolean; text: string }) {
  const [from, to] = [takes ? shape.newEdge : shape.edge, takes ? shape.newShoulder : shape.shoulder]
  const length = Math.hypot(to.x - from.x, to.y - from.y)
  const away = { x: ((to.y - from.y) / length) * 24, y: (-(to.x - from.x) / length) * 24 }
  const [start, end] = [
    { x: from.x + away.x, y: from.y + away.y },
    { x: to.x + away.x, y: to.y + away.y },
  ]
  return (
    <g>
      <line x1={start.x} y1={start.y} x2={end.x} y2={end.y} className="stroke-ink" />
      <line
        x1={to.x}
        y1={to.y}
        x2={end.x + away.x * 0.25}
        y2={end.y + away.y * 0.25}
        className="stroke-ink"
      />
      <text
        x={(start.x + end.x) / 2 - 8}
        y={(start.y + end.y) / 2 - 6}
        textAnchor="end"
        className="figure halo"
      >
        <DrawnFigure text={text} />
      </text>
    </g>
  )
}

/** The whole section, small, in the empty corner; a circle marks what is drawn large. */
function Whole({
  drawn,
  width,
  height,
  shownMm,
}: {
  drawn: Schemas['DrawnEdge']
  width: number
  height: number
  shownMm: number
}) {
  const room = { width: width * 0.36, height: height * 0.3 }
  const lengthMm = shownLengthMm(drawn)
  const scale = Math.min(room.width / lengthMm, room.height / drawn.thicknessMm)
  const shape = edgeShape(
    { ...drawn, recessionMm: 0 },
    scale,
    { x: 36, y: 30 + drawn.thicknessMm * scale },
    lengthMm,
  )
  return (
    <g>
      <path d={shape.steel} className="fill-steel stroke-ink" strokeWidth={1.25} />
      <circle
        cx={shape.edge.x + 4}
        cy={shape.edge.y - 3}
        r={Math.min(34, Math.max(7, (shownMm * scale) / 2))}
        className="fill-none stroke-ink"
        strokeDasharray="4 3"
      />
      {width > 480 && <Dimension from={shape.thickness[0]} to={shape.thickness[1]} text={drawn.thickness} />}
      <text
        x={shape.heel.x - 10}
        y={shape.edge.y - (drawn.thicknessMm * scale) / 3}
        textAnchor="middle"
        className="halo"
        style={{ stroke: 'var(--steel)' }}
      >
        {degrees(drawn.primaryDeg)}
      </text>
    </g>
  )
}
