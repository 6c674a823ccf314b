import { BoardEdge, Gap, Marker, Turned } from './marks'
import { type LastResult, Panels } from './Panels'

interface SlopeReadingProps {
  last: LastResult | undefined
  width: number
  height: number
}

const [EDGE, TIP, FOOT, LEAN, HALF] = [112, 36, 150, 18, 36]

/** A line along the template, another with it turned over; how far each leans over its length. */
export function SlopeReading({ last, width, height }: SlopeReadingProps) {
  return (
    <Panels
      {...{ width, height }}
      used={[0, 130]}
      panels={[
        {
          says: ['Fence to the edge:', 'draw along it'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Template side={-1} />
              <Marker x={FOOT + LEAN} y={TIP + 4} />
            </g>
          ),
        },
        {
          says: ['Turn it over', 'to the same foot'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Leaning to={1} />
              <Template side={1} />
              <Turned from={{ x: 118, y: TIP + 2 }} to={{ x: 186, y: TIP + 2 }} rise={30} />
            </g>
          ),
        },
        {
          says: ['Draw along it', 'again'],
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <Leaning to={1} />
              <Template side={1} />
              <Leaning to={-1} />
              <Marker x={FOOT - LEAN} y={TIP + 4} />
            </g>
          ),
        },
        {
          says: ['Read how far', 'each line leans'],
          last,
          scene: (
            <g>
              <BoardEdge y={EDGE} />
              <line
                x1={FOOT}
                x2={FOOT}
                y1={EDGE}
                y2={TIP - 8}
                className="stroke-soft"
                strokeDasharray="10 4 2 4"
              />
              <Leaning to={1} />
              <Leaning to={-1} />
              <Gap x={FOOT} y={TIP} to={{ x: FOOT + LEAN, y: TIP }} />
            </g>
          ),
        },
      ]}
    />
  )
}

const Leaning = ({ to }: { to: -1 | 1 }) => (
  <line x1={FOOT} y1={EDGE} x2={FOOT + to * LEAN} y2={TIP} className="stroke-ink" strokeWidth={2} />
)

/** With one sloping side at the foot: it lies left of its line, or turned over right of it. */
function Template({ side }: { side: -1 | 1 }) {
  const top = FOOT - side * LEAN
  return (
    <g>
      <path
        d={`M${FOOT} ${EDGE}L${top} ${TIP}H${top + side * HALF}L${FOOT + side * (2 * LEAN + HALF)} ${EDGE}Z`}
        className="fill-sheet stroke-ink"
        strokeWidth={1.5}
      />
      <rect
        x={side < 0 ? FOOT - 96 : FOOT}
        y={EDGE}
        width={96}
        height={14}
        className="fill-timber stroke-ink"
        strokeWidth={1.5}
      />
    </g>
  )
}
