import { Dimension } from './Dimension'
import { path } from './geometry'
import type { WorkDrawingProps } from './WorkDrawing'

const USUAL = { length: 460, height: 240 }

/** The largest scale at which it and its dimensions fit, px a mm. */
export function boxFits(
  { length = USUAL.length, height: heightMm = USUAL.height }: Readonly<Record<string, number>>,
  { width, height }: { width: number; height: number },
  bare: boolean,
): number {
  const margin = bare ? 20 : 110
  return Math.min((width - margin) / length, (height - margin) / heightMm)
}

/** A dovetailed box seen from its long side, from the work's own dimensions. */
export function BoxDrawing({
  sizeMm,
  labels,
  width,
  height,
  bare = false,
  scale = boxFits(sizeMm, { width, height }, bare),
}: WorkDrawingProps) {
  const {
    length: lengthMm = USUAL.length,
    height: heightMm = USUAL.height,
    thickness: boardMm = 22,
    tails = 5,
    rebate: rebateMm = 0,
  } = sizeMm
  const left = (width - lengthMm * scale) / 2 + (bare ? 0 : 18)
  const top = (height - heightMm * scale) / 2 - (bare ? 0 : 8)
  const at = (x: number, y: number) => ({ x: left + x * scale, y: top + y * scale })
  const [board, rebate] = [boardMm, rebateMm]

  return (
    <g>
      <path
        d={path([at(0, 0), at(lengthMm, 0), at(lengthMm, heightMm), at(0, heightMm)])}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      {Array.from({ length: tails }, (_, index) => (
        <g key={index}>
          {[0, lengthMm].map((x) => (
            <path
              key={x}
              d={path(
                tail(x, index, tails, heightMm, x === 0 ? board : -board).map(([tx, ty]) => at(tx, ty)),
              )}
              className="fill-sheet stroke-ink"
            />
          ))}
        </g>
      ))}
      {[board, lengthMm - board].map((x) => (
        <line
          key={x}
          x1={at(x, 0).x}
          x2={at(x, 0).x}
          y1={at(x, 0).y}
          y2={at(x, heightMm).y}
          className="stroke-ink"
          strokeWidth={0.75}
        />
      ))}
      {rebate > 0 && (
        <>
          <line
            x1={at(0, rebate).x}
            x2={at(lengthMm, rebate).x}
            y1={at(0, rebate).y}
            y2={at(0, rebate).y}
            className="stroke-ink"
            strokeDasharray="8 5"
          />
          {!bare && (
            <text
              x={at(lengthMm / 2, 0).x}
              y={at(0, rebate).y + 20}
              textAnchor="middle"
              className="fill-soft"
            >
              rebate inside the top edge
            </text>
          )}
        </>
      )}
      {!bare && (
        <>
          <Dimension
            from={{ x: at(0, 0).x, y: at(0, heightMm).y + 30 }}
            to={{ x: at(lengthMm, 0).x, y: at(0, heightMm).y + 30 }}
            text={labels.length ?? ''}
            offset={6}
          />
          <Dimension
            from={{ x: at(0, 0).x - 24, y: at(0, 0).y }}
            to={{ x: at(0, 0).x - 24, y: at(0, heightMm).y }}
            text={labels.height ?? ''}
          />
        </>
      )}
    </g>
  )
}

/** The end grain of one pin between two tails, mm: a trapezium that narrows inward. */
function tail(
  x: number,
  index: number,
  tails: number,
  heightMm: number,
  boardMm: number,
): [number, number][] {
  const step = heightMm / tails
  const slope = Math.abs(boardMm) / 7
  const [from, to] = [index * step + step * 0.32, (index + 1) * step - step * 0.32]
  return [
    [x, from - slope],
    [x + boardMm, from],
    [x + boardMm, to],
    [x, to + slope],
  ]
}
