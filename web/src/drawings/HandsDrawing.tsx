import type { ReactNode } from 'react'
import type { Schemas } from '@/api/client'
import { bladeAt, HEIGHT, STONE, strokeAlong, WIDTH } from './handsLayout'

interface HandsDrawingProps {
  hands: Schemas['StepHands']
  /** Strokes so far: the blade goes out with one and back with the next. */
  count: number
}

/** What the hands do in one step, to be read at two metres; nothing where there is nothing to draw. */
export function HandsDrawing({ hands, count }: HandsDrawingProps) {
  if (typeof hands.angleDeg === 'number')
    return <OnStone hands={hands} angleDeg={hands.angleDeg} count={count} />
  return typeof hands.lengthMm === 'number' ? <Planed hands={hands} /> : null
}

const FIGURE = 'fill-ink font-slab font-semibold'

function OnStone({ hands, angleDeg, count }: HandsDrawingProps & { angleDeg: number }) {
  const { blade, guide, roller, projection, arc, angle } = bladeAt(angleDeg)
  return (
    <Frame
      says={`On the stone at ${hands.angle ?? ''}${hands.projection ? `, ${hands.projection} out of the guide` : ''}`}
    >
      <rect
        x={20}
        y={STONE}
        width={WIDTH - 40}
        height={30}
        className="fill-stone stroke-ink"
        strokeWidth={2}
      />
      <g
        className="transition-transform duration-500 motion-reduce:transition-none"
        style={{ transform: `translateX(${count % 2 === 0 ? 0 : 50}px)` }}
      >
        <path d={blade} className="fill-steel stroke-ink" strokeWidth={2.5} />
        {hands.projection && (
          <>
            <path d={guide} className="fill-brass stroke-ink" strokeWidth={2} />
            <circle
              cx={roller.x}
              cy={roller.y}
              r={roller.r}
              className="fill-brass stroke-ink"
              strokeWidth={2}
            />
            <line
              x1={projection.from[0]}
              y1={projection.from[1]}
              x2={projection.to[0]}
              y2={projection.to[1]}
              className="stroke-ink"
              strokeWidth={2}
            />
            <text
              x={projection.says[0]}
              y={projection.says[1]}
              style={{ fontSize: 46 }}
              textAnchor="end"
              className={FIGURE}
            >
              {hands.projection}
            </text>
          </>
        )}
        <path d={arc} className="fill-none stroke-ink" strokeWidth={2} />
      </g>
      <text x={angle[0]} y={angle[1]} style={{ fontSize: 58 }} className={FIGURE}>
        {hands.angle}
      </text>
    </Frame>
  )
}

function Planed({ hands }: { hands: Schemas['StepHands'] }) {
  const { from, to, left, right } = strokeAlong(hands.fromMm ?? 0, hands.toMm ?? 0, hands.lengthMm ?? 1)
  const isOnePlace = hands.from === hands.to
  return (
    <Frame says={isOnePlace ? `At ${hands.from ?? ''}` : `From ${hands.from ?? ''} to ${hands.to ?? ''}`}>
      <rect
        x={left}
        y={120}
        width={right - left}
        height={46}
        className="fill-timber stroke-ink"
        strokeWidth={2}
      />
      <rect
        x={from}
        y={112}
        width={to - from}
        height={14}
        className="fill-blue-wash stroke-blue"
        strokeWidth={2.5}
      />
      <path
        d={`M${from} 92H${to}M${to - 16} 82L${to} 92L${to - 16} 102`}
        className="fill-none stroke-ink"
        strokeWidth={3}
      />
      <text
        x={isOnePlace ? (from + to) / 2 : from}
        y={64}
        style={{ fontSize: 42 }}
        textAnchor="middle"
        className={FIGURE}
      >
        {hands.from}
      </text>
      {!isOnePlace && (
        <text x={to} y={214} style={{ fontSize: 42 }} textAnchor="middle" className={FIGURE}>
          {hands.to}
        </text>
      )}
    </Frame>
  )
}

function Frame({ says, children }: { says: string; children: ReactNode }) {
  return (
    <svg
      role="img"
      aria-label={says}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="max-h-[23vh] w-full max-w-3xl overflow-visible"
    >
      {children}
    </svg>
  )
}
