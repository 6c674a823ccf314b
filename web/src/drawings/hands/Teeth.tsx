import type { Schemas } from '@/api/client'
import { Figure, Frame, type HandsProps, MOVING } from './Frame'
import { teethAt } from './sections'

/** A flat file runs along the tips. */
export function JointedTeeth({ hands, count }: HandsProps) {
  const at = teethAt(hands.sizes)
  return (
    <Frame says="The flat file along the tips">
      <Plate sizes={hands.sizes} />
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? -40 : 40}px)` }}>
        <rect
          x={at.left + 90}
          y={at.tip - 26}
          width={280}
          height={24}
          className="fill-steel stroke-ink"
          strokeWidth={2.5}
        />
        <rect
          x={at.left + 370}
          y={at.tip - 24}
          width={90}
          height={20}
          rx={8}
          className="fill-timber stroke-ink"
          strokeWidth={2.5}
        />
      </g>
    </Frame>
  )
}

/** The file in a gullet, end on; from one to the next but one with the count. */
export function FiledTeeth({ hands, count }: HandsProps) {
  const at = teethAt(hands.sizes)
  const gullet = at.left + at.pitch * (count % 2 === 0 ? 1 : 3)
  return (
    <Frame says="The file in its gullet, every other one">
      <Plate sizes={hands.sizes} />
      <path
        className={`${MOVING} fill-blue-wash stroke-blue`}
        style={{ transform: `translate(${gullet}px, ${at.tip + at.high}px)` }}
        d={`M0 0L-50 -86H50Z`}
        strokeWidth={2.5}
      />
    </Frame>
  )
}

/** The plate end on: a tooth bent to one side, and by how much. */
export function SetTeeth({ hands, count }: HandsProps) {
  const { set } = hands.sizes
  const out = count % 2 === 0 ? 1 : -1
  return (
    <Frame says={set ? `Every other tooth bent out by ${set.says}` : 'Every other tooth bent out'}>
      <path d="M296 222V110H344V222" className="fill-steel stroke-ink" strokeWidth={2.5} />
      <path
        d="M296 110L304 66H336L344 110Z"
        className={`${MOVING} fill-steel stroke-ink`}
        style={{
          transform: `translate(${out * 18}px, 0) skewX(${out * 8}deg)`,
          transformOrigin: '320px 110px',
        }}
        strokeWidth={2.5}
      />
      <path d="M296 110L306 72H334L344 110Z" className="fill-none stroke-soft" strokeDasharray="7 5" />
      <line x1={344} x2={344} y1={30} y2={64} className="stroke-soft" strokeWidth={2} />
      <line x1={296} x2={296} y1={30} y2={64} className="stroke-soft" strokeWidth={2} />
      <Figure x={400} y={78} says={set?.says} of="to each side" />
    </Frame>
  )
}

/** The teeth, tips up. */
function Plate({ sizes }: { sizes: Schemas['StepHands']['sizes'] }) {
  const at = teethAt(sizes)
  const tips = at.teeth.map(({ gullet, tipX }) => `L${gullet} ${at.tip + at.high}L${tipX} ${at.tip}`).join('')
  return (
    <path
      d={`M${at.left} 224${tips}L${at.right} ${at.tip + at.high}V224`}
      className="fill-steel stroke-ink"
      strokeWidth={2.5}
    />
  )
}
