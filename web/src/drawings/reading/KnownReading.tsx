import { BoardEdge, Gap } from './marks'
import { Panels } from './Panels'

interface KnownReadingProps {
  width: number
  height: number
}

const [EDGE, TIP, FOOT, LEAN, WIDE, ARM, DEEP] = [112, 20, 150, 14, 24, 96, 26]

/** A known square, of steel, and one of wood that is tested: stocks against one straight edge, blades together. */
export function KnownReading({ width, height }: KnownReadingProps) {
  return (
    <Panels
      {...{ width, height }}
      panels={[
        {
          says: ['The known square', 'against the edge'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Held side={-1} />
            </g>
          ),
        },
        {
          says: ['The other from', 'the other side'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Held side={-1} />
              <Held side={1} lean={LEAN} shift={44} />
              <path
                d="M206 70H188M188 70l8 -5M188 70l8 5"
                className="fill-none stroke-ink"
                strokeWidth={1.6}
              />
            </g>
          ),
        },
        {
          says: ['Touching at the heel:', 'a gap at the tip'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <path d={`M${FOOT} ${EDGE}V${TIP}H${FOOT + LEAN}Z`} className="fill-light stroke-amber" />
              <Held side={-1} />
              <Held side={1} lean={LEAN} />
              <Gap x={FOOT} y={TIP - 4} to={{ x: FOOT + LEAN, y: TIP - 4 }} />
            </g>
          ),
        },
        {
          says: ['Touching at the tip:', 'a gap at the heel'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <path d={`M${FOOT} ${TIP}V${EDGE}H${FOOT + LEAN}Z`} className="fill-light stroke-amber" />
              <Held side={-1} />
              <Held side={1} lean={-LEAN} shift={LEAN} />
              <Gap x={FOOT} y={EDGE - 8} to={{ x: FOOT + LEAN, y: EDGE - 8 }} />
            </g>
          ),
        },
      ]}
    />
  )
}

interface HeldProps {
  /** On which side of the foot it lies: −1 left, 1 right. */
  side: -1 | 1
  /** How far its tip leans to the right, px of the field. */
  lean?: number
  shift?: number
}

function Held({ side, lean = 0, shift = 0 }: HeldProps) {
  const at = FOOT + shift
  const out = at + side * WIDE
  return (
    <g>
      <path
        d={`M${at} ${EDGE}L${at + lean} ${TIP}H${out + lean}L${out} ${EDGE}Z`}
        className={side < 0 ? 'fill-steel stroke-ink' : 'fill-timber stroke-ink'}
        strokeWidth={1.5}
      />
      <rect
        x={side < 0 ? at - ARM : at}
        y={EDGE}
        width={ARM}
        height={DEEP}
        className={side < 0 ? 'fill-steel stroke-ink' : 'fill-timber stroke-ink'}
        strokeWidth={1.5}
      />
    </g>
  )
}
