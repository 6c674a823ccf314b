import { Figure, Frame, type HandsProps } from './Frame'
import { FACE, holeAt } from './sections'

const [SHANK, TWIST] = [16, 78]

/** The bit in its hole, in section, as deep as the turns have taken it. */
export function Boring({ hands, count, done }: HandsProps) {
  const { depth, bit } = hands.sizes
  const at = holeAt(hands.sizes, done)
  const middle = at.left + at.wide / 2
  const twists = Array.from({ length: 3 }, (_, index) => at.cut - 10 - index * 24)
  return (
    <Frame says={depth ? `A hole ${bit?.says ?? ''} across, ${depth.says} deep` : 'A hole is bored'}>
      <rect
        x={110}
        y={FACE}
        width={420}
        height={at.bottom - FACE}
        className="fill-timber stroke-ink"
        strokeWidth={2.5}
      />
      <rect
        x={at.left}
        y={FACE}
        width={at.wide}
        height={at.floor - FACE}
        className="fill-blue-wash stroke-blue"
        strokeWidth={2}
      />
      <path
        d={`M${at.left} ${at.cut}V${at.cut - TWIST}H${at.left + at.wide}V${at.cut}Z`}
        className="fill-steel stroke-ink"
        strokeWidth={2}
      />
      {twists.map((y) => (
        <line
          key={y}
          x1={at.left}
          x2={at.left + at.wide}
          y1={y}
          // A turn shows: the twist stands the other way round.
          y2={count % 2 === 0 ? y - 14 : y - 26}
          className="stroke-ink"
          strokeWidth={2}
        />
      ))}
      <rect
        x={middle - 5}
        y={at.cut - TWIST - SHANK}
        width={10}
        height={SHANK}
        className="fill-steel stroke-ink"
      />
      <path
        d={`M${middle - 7} ${at.cut}L${middle} ${at.cut + at.screw}L${middle + 7} ${at.cut}Z`}
        className="fill-steel stroke-ink"
        strokeWidth={2}
      />
      <Figure x={at.left + at.wide + 30} y={FACE + 52} says={depth?.says} of="deep" />
      <Figure x={at.left - 30} y={FACE + 52} says={bit?.says} of="across" anchor="end" />
    </Frame>
  )
}
