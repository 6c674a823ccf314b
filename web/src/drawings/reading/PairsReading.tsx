import { Panels } from './Panels'

interface PairsReadingProps {
  width: number
  height: number
}

const [LEFT, RIGHT, MIDDLE, BOW] = [30, 270, 78, 8]

/** Three edges, pair by pair, each closed on the other like a book: the light between them is the reading. */
export function PairsReading({ width, height }: PairsReadingProps) {
  return (
    <Panels
      {...{ width, height }}
      used={[22, 134]}
      panels={[
        { says: ['The first', 'on the second'], scene: <Pair gap={1} /> },
        { says: ['The second', 'on the third'], scene: <Pair gap={0.5} /> },
        { says: ['The third', 'on the first'], scene: <Pair gap={1.4} /> },
        {
          says: ['The first turned', 'end for end, once more'],
          scene: <Pair gap={0.9} />,
        },
      ]}
    />
  )
}

/** One edge closed on the other, and the places where the gap is read. */
function Pair({ gap }: { gap: number }) {
  const [above, below] = [MIDDLE - 2 * BOW * gap, MIDDLE + BOW * gap]
  return (
    <g>
      <path
        d={`M${LEFT} 26H${RIGHT}V${MIDDLE}Q150 ${above} ${LEFT} ${MIDDLE}Z`}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <path
        d={`M${LEFT} ${MIDDLE}Q150 ${above} ${RIGHT} ${MIDDLE}Q150 ${below} ${LEFT} ${MIDDLE}Z`}
        className="fill-light stroke-amber"
        strokeWidth={1.5}
      />
      <path
        d={`M${LEFT} 130H${RIGHT}V${MIDDLE}Q150 ${below} ${LEFT} ${MIDDLE}Z`}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      {[90, 150, 210].map((x) => (
        <line key={x} x1={x} x2={x} y1={98} y2={110} className="stroke-blue" strokeWidth={2} />
      ))}
    </g>
  )
}
