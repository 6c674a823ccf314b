import { DrawnFigure } from '../DrawnFigure'
import { FIGURE, Frame, type HandsProps, MOVING } from './Frame'
import { bladeAt, STONE, WIDTH } from './onStone'

/** An edge on its stone, at its angle; in a guide, how far it stands out of it. */
export function OnStone({
  hands,
  angleDeg,
  count,
}: Pick<HandsProps, 'hands' | 'count'> & { angleDeg: number }) {
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
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? 0 : 50}px)` }}>
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
              <DrawnFigure text={hands.projection} />
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
