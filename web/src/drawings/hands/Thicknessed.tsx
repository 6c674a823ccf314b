import { Figure, Frame, type HandsProps, MOVING } from './Frame'

const [LEFT, RIGHT, TOP, BOTTOM, OFF] = [170, 470, 78, 200, 44]

/** The end of a board: what it has, what it should have, and how much of the difference is gone. */
export function Thicknessed({ hands, done }: HandsProps) {
  const { from, to } = hands.sizes
  const now = TOP + OFF * done
  return (
    <Frame says={from && to ? `From ${from.says} to ${to.says}` : 'Planed to a thickness'}>
      <rect
        x={LEFT}
        y={now}
        width={RIGHT - LEFT}
        height={TOP + OFF - now}
        className="fill-blue-wash stroke-blue"
        strokeWidth={2}
      />
      <rect
        x={LEFT}
        y={TOP + OFF}
        width={RIGHT - LEFT}
        height={BOTTOM - TOP - OFF}
        className="fill-timber stroke-ink"
        strokeWidth={2.5}
      />
      {/* The plane, from behind, and the shaving it throws. */}
      <g className={MOVING} style={{ transform: `translateY(${now - TOP}px)` }}>
        <rect
          x={250}
          y={22}
          width={140}
          height={56}
          rx={5}
          className="fill-steel stroke-ink"
          strokeWidth={2}
        />
        <path
          d="M320 22q-4 -26 24 -24q20 4 8 18q-12 6 -14 -6"
          className="fill-none stroke-ink"
          strokeWidth={2.5}
        />
      </g>
      <Figure x={RIGHT + 22} y={TOP + 6} says={from?.says} of="was" />
      <Figure x={LEFT - 22} y={TOP + OFF + 46} says={to?.says} of="wanted" anchor="end" />
    </Frame>
  )
}
