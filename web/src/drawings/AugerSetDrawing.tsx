import clsx from 'clsx'
import type { Schemas } from '@/api/client'
import { placed } from './augerLayout'
import { path } from './geometry'

interface AugerSetDrawingProps {
  bits: readonly Schemas['AugerBit'][]
  chosen: number | null
  onChoose: (sixteenths: number) => void
  width: number
  height: number
}

const MARGIN = 18
const SIGNS = { keep: '✓', file: '○', 'set-aside': '✗' } as const

/** The whole set beside each other, as wide as each bores; below each, what becomes of it. */
export function AugerSetDrawing({ bits, chosen, onChoose, width, height }: AugerSetDrawingProps) {
  const places = placed(
    bits.map((bit) => bit.sizeMm),
    width - 2 * MARGIN,
    bits.length > 8 ? 8 : 16,
  )
  const long = height - 62
  return (
    <g transform={`translate(${MARGIN} 14)`}>
      {bits.map((bit, index) => {
        const { x, width: wide } = places[index] ?? { x: 0, width: 0 }
        const middle = x + wide / 2
        return (
          // The list below does the same from the keyboard.
          <g key={bit.sixteenths} className="cursor-pointer" onClick={() => onChoose(bit.sixteenths)}>
            <title>{`${bit.name}: ${bit.says}`}</title>
            <rect
              x={x - 4}
              y={-8}
              width={wide + 8}
              height={height - 12}
              className={bit.sixteenths === chosen ? 'fill-blue-wash' : 'fill-transparent'}
            />
            <path
              d={shape(x, wide, long)}
              className={clsx(
                'stroke-ink',
                bit.verdict === null ? 'fill-none' : bit.verdict === 'set-aside' ? 'fill-wood' : 'fill-steel',
              )}
              strokeWidth={bit.sixteenths === chosen ? 2 : 1.25}
              strokeDasharray={bit.verdict === null ? '4 3' : undefined}
            />
            {[0.5, 0.62, 0.74, 0.86].map((at) => (
              <line
                key={at}
                x1={x}
                y1={long * at}
                x2={x + wide}
                y2={long * (at - 0.06)}
                className={bit.verdict === null ? 'stroke-soft' : 'stroke-ink'}
                strokeWidth={1}
              />
            ))}
            <text x={middle} y={long + 18} textAnchor="middle" fontSize={13} className="fill-ink">
              {bit.verdict === null ? '–' : SIGNS[bit.verdict]}
            </text>
            <text x={middle} y={long + 36} textAnchor="middle" fontSize={11} className="fill-soft">
              {bit.sixteenths}
            </text>
          </g>
        )
      })}
    </g>
  )
}

/** Tang, stem, twist and screw. */
function shape(x: number, wide: number, long: number): string {
  const [middle, stem] = [x + wide / 2, Math.max(2, Math.min(4, wide / 4))]
  return path([
    { x: middle - stem, y: 0 },
    { x: middle + stem, y: 0 },
    { x: middle + stem, y: long * 0.38 },
    { x: x + wide, y: long * 0.42 },
    { x: x + wide, y: long * 0.93 },
    { x: middle + 1.5, y: long * 0.93 },
    { x: middle, y: long },
    { x: middle - 1.5, y: long * 0.93 },
    { x, y: long * 0.93 },
    { x, y: long * 0.42 },
    { x: middle - stem, y: long * 0.38 },
  ])
}
