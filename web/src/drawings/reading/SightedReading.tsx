import { Eye, Gap, Turned } from './marks'
import { type LastResult, type Panel, Panels } from './Panels'

interface SightedReadingProps {
  last?: LastResult | undefined
  width: number
  height: number
}

/** Sticks across a board, sighted one over the other; the far one turned shows its own error. */
export function SightedReading({ last, width, height }: SightedReadingProps) {
  return <Panels {...{ width, height }} used={[26, 142]} panels={sighted(last)} />
}

/** The board in the eye’s own view: narrower where it is farther, a stick across each end. */
function Laid() {
  return (
    <g>
      <path d="M40 140L96 34H204L260 140Z" className="fill-wood stroke-ink" strokeWidth={1.5} />
      <Stick x={84} y={34} wide={132} deep={9} isFar />
      <Stick x={24} y={116} wide={252} deep={17} />
    </g>
  )
}

function Stick({ x, y, wide, deep, isFar = false }: StickProps) {
  return (
    <rect
      {...{ x, y }}
      width={wide}
      height={deep}
      className={`stroke-ink ${isFar ? 'fill-amber-wash' : 'fill-steel'}`}
      strokeWidth={1.5}
    />
  )
}

interface StickProps {
  x: number
  y: number
  wide: number
  deep: number
  isFar?: boolean
}

/** What the eye sees: the far stick over the near one, its right end high. */
function Seen({ mark }: { mark: 'left' | 'right' }) {
  const high = mark === 'right' ? 16 : 10
  return (
    <g>
      <path
        d={`M40 ${82}L260 ${82 - high}V96H40Z`}
        className="fill-amber-wash stroke-ink"
        strokeWidth={1.5}
      />
      <rect x={40} y={82} width={220} height={24} className="fill-steel stroke-ink" strokeWidth={1.5} />
      <circle
        cx={mark === 'right' ? 250 : 60}
        cy={mark === 'right' ? 75 : 78.5}
        r={2.6}
        className="fill-ink"
      />
    </g>
  )
}

const sighted = (last: LastResult | undefined): Panel[] => [
  { says: ['A stick across', 'each end'], scene: <Laid /> },
  {
    says: ['Sight along the top', 'of the near one'],
    scene: (
      <g>
        <rect x={40} y={104} width={220} height={12} className="fill-wood stroke-ink" strokeWidth={1.5} />
        <rect x={66} y={82} width={10} height={22} className="fill-steel stroke-ink" strokeWidth={1.5} />
        <rect
          x={226}
          y={76}
          width={10}
          height={28}
          className="fill-amber-wash stroke-ink"
          strokeWidth={1.5}
        />
        <line x1={30} x2={284} y1={81} y2={81} className="stroke-ink" strokeDasharray="10 4 2 4" />
        <Eye x={22} y={81} />
      </g>
    ),
  },
  {
    says: ['Read how much higher', 'the right end stands'],
    last,
    scene: (
      <g>
        <Seen mark="right" />
        <Gap x={260} y={66} to={{ x: 260, y: 82 }} />
      </g>
    ),
  },
  {
    says: ['Turn the far one end', 'for end, read again'],
    scene: (
      <g>
        <Seen mark="left" />
        <Turned from={{ x: 96, y: 58 }} to={{ x: 204, y: 58 }} rise={44} />
      </g>
    ),
  },
]
