import { Frame, type HandsProps, MOVING } from './Frame'

/** The chisel upright at the line, its bevel toward the waste. */
export function Chiselled({ count }: HandsProps) {
  return (
    <Frame says="The chisel upright at the line, its bevel toward the waste">
      <path d="M120 130H330V162H520V222H120Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <rect x={331} y={130} width={120} height={32} className="fill-blue-wash stroke-blue" strokeWidth={2} />
      <g className={MOVING} style={{ transform: `translateY(${count % 2 === 0 ? -8 : 0}px)` }}>
        <path d="M330 140V60H348V116Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path d="M326 60L322 8H356L352 60Z" className="fill-brass stroke-ink" strokeWidth={2} />
      </g>
      <text x={310} y={212} textAnchor="end" style={{ fontSize: 24 }}>
        keep
      </text>
      <text x={470} y={152} style={{ fontSize: 24 }}>
        waste
      </text>
    </Frame>
  )
}
