import { useId } from 'react'
import { Frame, type HandsProps, MOVING } from './Frame'

const LINE = 320

/** The saw beside its line, on the waste side; what falls is hatched. */
export function Sawn({ count }: HandsProps) {
  const hatch = useId()
  return (
    <Frame says="The saw beside its line, on the waste side">
      <defs>
        <pattern
          id={hatch}
          width={14}
          height={14}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1={0} y1={0} x2={0} y2={14} className="stroke-soft" strokeWidth={2} />
        </pattern>
      </defs>
      <rect x={120} y={92} width={400} height={130} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <rect x={LINE} y={92} width={200} height={130} fill={`url(#${hatch})`} />
      <line x1={LINE} x2={LINE} y1={92} y2={222} className="stroke-ink" strokeWidth={2} />
      <g className={MOVING} style={{ transform: `translateY(${count % 2 === 0 ? 0 : 18}px)` }}>
        <rect x={LINE + 1} y={26} width={8} height={128} className="fill-steel stroke-ink" strokeWidth={2} />
        <rect
          x={LINE - 7}
          y={8}
          width={24}
          height={30}
          rx={3}
          className="fill-brass stroke-ink"
          strokeWidth={2}
        />
      </g>
      <text x={LINE - 20} y={212} textAnchor="end" style={{ fontSize: 24 }} className="fill-ink">
        keep
      </text>
      <text x={LINE + 36} y={212} style={{ fontSize: 24 }} className="fill-ink halo">
        waste
      </text>
    </Frame>
  )
}
