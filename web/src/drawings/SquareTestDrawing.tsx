import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { Dimension } from './Dimension'
import { path, type Point } from './geometry'
import { Hatch } from './Hatch'
import { type SquareDrawn, squareLayout } from './squareLayout'

interface SquareTestDrawingProps {
  square: SquareDrawn
  result: Schemas['SquareDrawn'] | null
  strokes: readonly Schemas['SquareStroke'][]
  takeOff: boolean
  factor: number
  width: number
  height: number
}

/** A square knifed, turned over and knifed again: both lines, the wedge to take off, the strokes. */
export function SquareTestDrawing({
  square,
  result,
  strokes,
  takeOff,
  factor,
  width,
  height,
}: SquareTestDrawingProps) {
  const hatch = useId()
  const drawn = squareLayout(square, factor, width, height)
  const [foot, first] = drawn.firstLine
  const second = drawn.secondLine[1]
  const top = Math.min(first.y, drawn.plumb[1].y)
  const roomy = width > 480

  return (
    <g>
      <defs>
        <Hatch id={hatch} />
      </defs>
      <rect {...drawn.board} className="fill-wood" />
      <path d={path(drawn.bladeTurned)} className="fill-none stroke-soft" strokeDasharray="7 5" />
      <path d={path(drawn.stockTurned)} className="fill-none stroke-soft" strokeDasharray="7 5" />
      <path d={path(drawn.blade)} className="fill-sheet stroke-ink" strokeWidth={1.5} />
      <path d={path(drawn.stock)} className="fill-steel stroke-ink" strokeWidth={1.5} />
      {result && takeOff && <Wedge drawn={drawn} result={result} hatch={`url(#${hatch})`} />}
      {takeOff && <Strokes strokes={strokes} drawn={drawn} atTip={(result?.removeAtTipMm ?? 0) > 0} />}
      <line
        x1={foot.x}
        y1={foot.y}
        x2={foot.x}
        y2={top - 6}
        className="stroke-soft"
        strokeDasharray="12 4 2 4"
      />
      <KnifeLine from={foot} to={first} />
      <KnifeLine from={foot} to={second} dashed />
      <line
        x1={drawn.board.x}
        x2={drawn.board.x + drawn.board.width}
        y1={drawn.boardEdge}
        y2={drawn.boardEdge}
        className="stroke-ink"
        strokeWidth={2}
      />
      {result && Math.abs(second.x - first.x) > 8 && (
        <Parting first={first} second={second} text={result.parted} />
      )}
      {roomy && result && <Length drawn={drawn} square={square} text={result.length} />}
      <Words drawn={drawn} takeOff={takeOff} result={result} roomy={roomy} />
    </g>
  )
}

type Layout = ReturnType<typeof squareLayout>

function KnifeLine({ from, to, dashed = false }: { from: Point; to: Point; dashed?: boolean }) {
  return (
    <line
      x1={from.x}
      y1={from.y}
      x2={to.x}
      y2={to.y}
      className="stroke-ink"
      strokeWidth={2}
      strokeDasharray={dashed ? '6 4' : undefined}
    />
  )
}

/** What stands between the blade's edge and a true one: hatched in marking blue. */
function Wedge({ drawn, result, hatch }: { drawn: Layout; result: Schemas['SquareDrawn']; hatch: string }) {
  const [foot, tip] = drawn.firstLine
  const atHeel = result.removeAtHeelMm > 0
  const trueEdge = atHeel ? { x: tip.x, y: foot.y } : { x: foot.x, y: tip.y }
  return (
    <path
      d={path([foot, tip, trueEdge])}
      fill={hatch}
      className="stroke-blue"
      strokeWidth={1.5}
      data-testid="wedge"
    />
  )
}

/** One line a stroke beside the blade, as long as the stroke is. */
function Strokes({
  strokes,
  drawn,
  atTip,
}: {
  strokes: readonly Schemas['SquareStroke'][]
  drawn: Layout
  atTip: boolean
}) {
  const edge = Math.min(...drawn.blade.map((point) => point.x))
  const left = edge - 16
  // Beyond a dozen the lines would run together; the count stands in the words.
  return (
    <g data-testid="strokes">
      {strokes.length > 0 && left - Math.min(strokes.length, 12) * 9 > 130 && (
        <text
          x={left - Math.min(strokes.length, 12) * 9}
          y={drawn.foot.y - 12}
          textAnchor="end"
          className="fill-soft"
        >
          the strokes, in order
        </text>
      )}
      {strokes.slice(0, 12).map((stroke, index) => (
        <g key={index}>
          <line
            x1={left - index * 9}
            x2={left - index * 9}
            y1={drawn.foot.y - stroke.fromMm * drawn.pixelsPerMm}
            y2={drawn.foot.y - Math.max(stroke.toMm, stroke.fromMm + 4) * drawn.pixelsPerMm}
            className="stroke-blue"
            strokeWidth={4}
          />
          <text
            x={left - index * 9}
            y={
              atTip
                ? drawn.foot.y - stroke.fromMm * drawn.pixelsPerMm + 14
                : drawn.foot.y - Math.max(stroke.toMm, stroke.fromMm + 4) * drawn.pixelsPerMm - 5
            }
            textAnchor="middle"
            fontSize={11}
            className="halo"
          >
            {index + 1}
          </text>
        </g>
      ))}
    </g>
  )
}

function Parting({ first, second, text }: { first: Point; second: Point; text: string }) {
  const y = first.y - 16
  return (
    <g>
      {[first, second].map((point) => (
        <line key={point.x} x1={point.x} x2={point.x} y1={point.y - 2} y2={y - 5} className="stroke-ink" />
      ))}
      <Dimension
        from={{ x: Math.min(first.x, second.x), y }}
        to={{ x: Math.max(first.x, second.x), y }}
        text={text}
      />
    </g>
  )
}

function Length({ drawn, square, text }: { drawn: Layout; square: SquareDrawn; text: string }) {
  const x = drawn.foot.x + (square.stockMm - 12) * drawn.pixelsPerMm
  const top = drawn.foot.y - square.testedMm * drawn.pixelsPerMm
  return (
    <g>
      <line x1={drawn.secondLine[1].x + 6} x2={x + 6} y1={top} y2={top} className="stroke-rule" />
      <Dimension from={{ x, y: top }} to={{ x, y: drawn.foot.y }} text={text} />
    </g>
  )
}

function Words({
  drawn,
  takeOff,
  result,
  roomy,
}: {
  drawn: Layout
  takeOff: boolean
  result: Schemas['SquareDrawn'] | null
  roomy: boolean
}) {
  const middle = (points: readonly Point[]) => ({
    x: points.reduce((sum, point) => sum + point.x, 0) / points.length,
    y: points.reduce((sum, point) => sum + point.y, 0) / points.length + 5,
  })
  const first = middle(drawn.stock)
  const turned = middle(drawn.stockTurned)
  const heel = (result?.removeAtHeelMm ?? 0) > 0
  return (
    <g>
      <text x={first.x} y={first.y} textAnchor="middle">
        first
      </text>
      <text x={turned.x} y={turned.y} textAnchor="middle">
        turned over
      </text>
      <text x={drawn.board.x + 8} y={drawn.board.y + 20} className="fill-soft">
        {roomy ? 'a board with one straight edge' : 'board'}
      </text>
      {takeOff && (
        <text
          x={drawn.foot.x + 12}
          y={heel ? drawn.foot.y - 12 : drawn.firstLine[1].y + 24}
          className="halo"
          fontWeight={700}
          style={{ fill: 'var(--blue)' }}
        >
          take off here
        </text>
      )}
    </g>
  )
}
