import { Frame, type HandsProps, MOVING } from './Frame'

/** The square's stock against the edge, the knife along its blade. */
export function SquareLine({ count }: HandsProps) {
  const at = count % 2 === 0 ? 0 : 70
  return (
    <Frame says="The square’s stock against the edge, the knife along its blade">
      <Face />
      <rect x={300} y={40} width={26} height={156} className="fill-steel stroke-ink" strokeWidth={2.5} />
      <rect x={250} y={4} width={150} height={36} className="fill-wood stroke-ink" strokeWidth={2.5} />
      <line x1={330} x2={330} y1={40} y2={100 + at} className="stroke-ink" strokeWidth={3} />
      <g className={MOVING} style={{ transform: `translateY(${at}px)` }}>
        <Knife x={330} y={100} />
      </g>
    </Frame>
  )
}

/** A knife from above, its point at a place of the line, its flat toward the square. */
function Knife({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d="M0 0V34L34 64L48 46Z" className="fill-steel stroke-ink" strokeWidth={2} />
      <path d="M34 64L48 46L150 104L136 126Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
    </g>
  )
}

/** The bevel's stock along the edge, its blade set to the angle. */
export function BevelLine({ count }: HandsProps) {
  return (
    <Frame says="The bevel’s stock against the edge, the pencil or knife along its blade">
      <Face />
      <path d="M304 44L420 206L446 206L336 44Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
      <rect x={190} y={6} width={170} height={36} className="fill-wood stroke-ink" strokeWidth={2.5} />
      <circle cx={326} cy={24} r={9} className="fill-brass stroke-ink" strokeWidth={2} />
      <line
        x1={300}
        x2={count % 2 === 0 ? 356 : 414}
        y1={42}
        y2={count % 2 === 0 ? 120 : 202}
        className="stroke-ink"
        strokeWidth={3}
      />
      <path d="M446 43A120 120 0 0 1 397 134" className="fill-none stroke-blue" strokeWidth={2.5} />
    </Frame>
  )
}

const STEP = 92

/** Dividers that walk along a line, one leg standing while the other swings. */
export function SteppedOff({ count }: HandsProps) {
  const foot = 100 + (count % 4) * STEP
  return (
    <Frame says="The dividers walk along the line, a prick at each step">
      <rect x={40} y={178} width={560} height={44} className="fill-timber stroke-ink" strokeWidth={2.5} />
      {[0, 1, 2, 3, 4].map((step) => (
        <line
          key={step}
          x1={100 + step * STEP}
          x2={100 + step * STEP}
          y1={178}
          y2={192}
          className="stroke-ink"
          strokeWidth={3}
        />
      ))}
      <g className={MOVING} style={{ transform: `translateX(${foot}px)` }}>
        <path d="M0 178L40 40L54 44L8 168Z" className="fill-steel stroke-ink" strokeWidth={2} />
        <path
          d={`M${STEP} 178L${STEP - 40} 40L${STEP - 54} 44L${STEP - 8} 168Z`}
          className="fill-steel stroke-ink"
          strokeWidth={2}
        />
        <circle cx={STEP / 2} cy={34} r={16} className="fill-brass stroke-ink" strokeWidth={2.5} />
        <rect
          x={STEP / 2 - 5}
          y={2}
          width={10}
          height={18}
          className="fill-steel stroke-ink"
          strokeWidth={2}
        />
      </g>
    </Frame>
  )
}

/** A rule along the board from its end, and the mark at the length. */
export function Measured() {
  return (
    <Frame says="The rule flush with the end, and a mark at the length">
      <Face />
      <rect x={70} y={76} width={420} height={40} className="fill-steel stroke-ink" strokeWidth={2.5} />
      {Array.from({ length: 21 }, (_, tick) => (
        <line
          key={tick}
          x1={70 + tick * 21}
          x2={70 + tick * 21}
          y1={116}
          y2={tick % 5 === 0 ? 92 : 104}
          className="stroke-ink"
          strokeWidth={tick % 5 === 0 ? 2.5 : 1.5}
        />
      ))}
      <path d="M448 156V120" className="stroke-ink" strokeWidth={3.5} />
      <path d="M448 120L440 136H456Z" className="fill-ink" />
    </Frame>
  )
}

/** The board's face from above, its edge toward the stock of what marks it. */
function Face() {
  return <rect x={70} y={42} width={500} height={166} className="fill-timber stroke-ink" strokeWidth={2.5} />
}
