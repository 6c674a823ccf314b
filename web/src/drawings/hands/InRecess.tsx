import { Figure, Frame, type HandsProps, MOVING } from './Frame'
import { FACE, recessAt } from './sections'

/** The skate in its groove, in section: the fence at the edge, and what is still to come out. */
export function InRecess({ hands, done }: HandsProps) {
  const { depth, edge } = hands.sizes
  const at = recessAt(hands.sizes, done)
  const middle = (at.left + at.right) / 2
  return (
    <Frame
      says={depth ? `A recess ${depth.says} deep, ${edge?.says ?? ''} from the edge` : 'A recess is cut'}
    >
      <path
        d={
          `M${at.edgeX} ${FACE}H${at.left}V${at.cut}H${at.right}V${FACE}H${at.endX}` +
          `l-10 ${(at.bottom - FACE) / 3}l20 ${(at.bottom - FACE) / 3}L${at.endX} ${at.bottom}H${at.edgeX}Z`
        }
        className="fill-timber stroke-ink"
        strokeWidth={2.5}
      />
      <rect
        x={at.left}
        y={at.cut}
        width={at.right - at.left}
        height={at.floor - at.cut}
        className="fill-blue-wash stroke-blue"
        strokeWidth={2}
      />
      {at.isBroken && <Break x={(at.edgeX + at.left) / 2} bottom={at.bottom} />}
      <g className={MOVING} style={{ transform: `translateY(${at.cut - FACE}px)` }}>
        <rect
          x={middle - 5}
          y={54}
          width={10}
          height={FACE - 54}
          className="fill-steel stroke-ink"
          strokeWidth={2}
        />
        <rect
          x={middle - 54}
          y={18}
          width={108}
          height={38}
          rx={6}
          className="fill-wood stroke-ink"
          strokeWidth={2}
        />
      </g>
      {!at.isAtEdge && (
        <g>
          <rect
            x={at.edgeX - 24}
            y={28}
            width={22}
            height={FACE + 22}
            className="fill-wood stroke-ink"
            strokeWidth={2}
          />
          <line x1={at.edgeX - 4} x2={middle - 54} y1={38} y2={38} className="stroke-ink" strokeWidth={5} />
        </g>
      )}
      <Figure x={at.right + 26} y={at.floor + 4} says={depth?.says} of="deep" />
      {!at.isAtEdge && (
        <Figure x={at.edgeX - 36} y={FACE + 50} says={edge?.says} of="from the edge" anchor="end" />
      )}
    </Frame>
  )
}

/** Wood that is left out. */
function Break({ x, bottom }: { x: number; bottom: number }) {
  return (
    <path
      d={`M${x - 6} ${FACE - 8}L${x + 2} ${bottom + 8}H${x + 14}L${x + 6} ${FACE - 8}Z`}
      className="fill-paper"
    />
  )
}
