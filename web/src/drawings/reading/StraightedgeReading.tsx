import { Gap, Marker, Turned } from './marks'
import { type LastResult, type Panel, Panels } from './Panels'

interface StraightedgeReadingProps {
  /** Laid on a flat, with light behind it; else drawn along, turned over and drawn along again. */
  onFlat: boolean
  last: LastResult | undefined
  width: number
  height: number
}

const [LEFT, RIGHT, LINE, BOW, DEEP] = [24, 276, 76, 9, 30]

/** How the edge’s own error is read: twice itself between two lines, or as light over a flat. */
export function StraightedgeReading({ onFlat, last, width, height }: StraightedgeReadingProps) {
  return <Panels {...{ width, height }} used={[22, 132]} panels={onFlat ? overFlat(last) : reversed(last)} />
}

const bow = (by: number) => `M${LEFT} ${LINE}Q150 ${LINE + 2 * by} ${RIGHT} ${LINE}`

/** Its true edge on the line, its arched back away from it: below the line, or turned over above it. */
function Edge({ above = false, isGhost = false }: { above?: boolean; isGhost?: boolean }) {
  const away = above ? -1 : 1
  const back = LINE + away * DEEP
  return (
    <path
      d={
        `${bow(-away * BOW)}L${RIGHT} ${LINE + away * 12}` +
        `Q150 ${back + away * 16} ${LEFT} ${LINE + away * 12}Z`
      }
      className={isGhost ? 'fill-none stroke-soft' : 'fill-timber stroke-ink'}
      strokeWidth={1.5}
      strokeDasharray={isGhost ? '6 4' : undefined}
    />
  )
}

const Wood = () => <rect x={6} y={24} width={288} height={104} className="fill-wood" />

const First = () => <path d={bow(-BOW)} className="fill-none stroke-ink" strokeWidth={2} />

const reversed = (last: LastResult | undefined): Panel[] => [
  {
    says: ['Draw a line along', 'its true edge'],
    scene: (
      <g>
        <Wood />
        <Edge />
        <First />
        <Marker x={196} y={LINE - 8} />
      </g>
    ),
  },
  {
    says: ['Turn it over', 'its long axis'],
    scene: (
      <g>
        <Wood />
        <First />
        <Edge isGhost />
        <Edge above />
        <Turned from={{ x: 254, y: LINE + 34 }} to={{ x: 254, y: LINE - 36 }} rise={-40} />
      </g>
    ),
  },
  {
    says: ['Draw again from', 'the same ends'],
    scene: (
      <g>
        <Wood />
        <First />
        <Edge above />
        <path d={bow(BOW)} className="fill-none stroke-ink" strokeWidth={2} strokeDasharray="6 4" />
        <Marker x={196} y={LINE + 8} />
      </g>
    ),
  },
  {
    says: ['Read the gap', 'at each place'],
    last,
    scene: (
      <g>
        <Wood />
        <path d={`${bow(-BOW)}Q150 ${LINE + 2 * BOW} ${LEFT} ${LINE}Z`} className="fill-amber-wash" />
        <First />
        <path d={bow(BOW)} className="fill-none stroke-ink" strokeWidth={2} strokeDasharray="6 4" />
        {[87, 150, 213].map((x) => (
          <Gap key={x} x={x} y={LINE - (x === 150 ? BOW : 7)} to={{ x, y: LINE + (x === 150 ? BOW : 7) }} />
        ))}
      </g>
    ),
  },
]

const Flat = () => (
  <rect x={6} y={LINE + 4} width={288} height={44} className="fill-steel stroke-ink" strokeWidth={1.5} />
)

const Standing = () => (
  <path
    d={`M${LEFT} ${LINE + 4}Q150 ${LINE - 12} ${RIGHT} ${LINE + 4}V${LINE - 18}Q150 ${LINE - 58} ${LEFT} ${LINE - 18}Z`}
    className="fill-timber stroke-ink"
    strokeWidth={1.5}
  />
)

const Light = () => (
  <path
    d={`M${LEFT} ${LINE + 4}Q150 ${LINE - 12} ${RIGHT} ${LINE + 4}Z`}
    className="fill-light stroke-amber"
    strokeWidth={1.5}
  />
)

const overFlat = (last: LastResult | undefined): Panel[] => [
  {
    says: ['Stand its true edge', 'on the flat'],
    scene: (
      <g>
        <Flat />
        <Standing />
      </g>
    ),
  },
  {
    says: ['A light behind it:', 'read where it shows'],
    last,
    scene: (
      <g>
        <Flat />
        <Standing />
        <Light />
        {[87, 150, 213].map((x) => (
          <line key={x} x1={x} x2={x} y1={LINE + 8} y2={LINE + 20} className="stroke-blue" strokeWidth={2} />
        ))}
      </g>
    ),
  },
]
