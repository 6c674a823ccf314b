import type { Schemas } from '@/api/client'
import { DrawnFigure } from '../DrawnFigure'
import { FIGURE, Frame } from './Frame'
import { strokeAlong } from './onStone'

/** Where along a piece the plane begins and where it runs out. */
export function Planed({ hands }: { hands: Schemas['StepHands'] }) {
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
        <DrawnFigure text={hands.from ?? ''} />
      </text>
      {!isOnePlace && (
        <text x={to} y={214} style={{ fontSize: 42 }} textAnchor="middle" className={FIGURE}>
          <DrawnFigure text={hands.to ?? ''} />
        </text>
      )}
    </Frame>
  )
}
