import { Frame, type HandsProps, MOVING } from './Frame'

/** The gauge along the edge, its stock against it, and the line it leaves. */
export function Marked({ count }: HandsProps) {
  const at = count % 2 === 0 ? 0 : 70
  return (
    <Frame says="The gauge along the edge, and the line it leaves">
      <rect x={70} y={104} width={500} height={120} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <line x1={70} x2={300 + at} y1={152} y2={152} className="stroke-ink" strokeWidth={3} />
      <g className={MOVING} style={{ transform: `translateX(${at}px)` }}>
        <rect x={286} y={20} width={28} height={150} className="fill-wood stroke-ink" strokeWidth={2.5} />
        <rect
          x={236}
          y={46}
          width={128}
          height={58}
          rx={6}
          className="fill-wood stroke-ink"
          strokeWidth={2.5}
        />
        <circle cx={300} cy={152} r={5} className="fill-ink" />
      </g>
    </Frame>
  )
}
