import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { path, type Point } from './geometry'
import { Hatch } from './Hatch'
import { eyeFactor, eyeLevel } from './windingLayout'

interface WindingDrawingProps {
  result: Schemas['WindingResult']
  width: number
  height: number
}

const FACTORS = [1, 2, 5, 10, 20, 50]
const DEEP = 26
const PLAN = 168

const eyeWidth = (width: number) => Math.min(width - 48, 460)

/** By how much the tilt of the far stick is drawn larger. */
export const windingFactor = (result: Schemas['WindingResult'], width: number): number =>
  eyeFactor(result, eyeWidth(width), 64, FACTORS)

/** What the eye should see over the near stick, and the board from above with what is to come off. */
export function WindingDrawing({ result, width, height }: WindingDrawingProps) {
  const id = useId()
  const { near, far } = eyeLevel(result, windingFactor(result, width), eyeWidth(width), {
    x: width / 2,
    y: 76,
  })
  return (
    <g>
      <defs>
        <Hatch id={id} />
      </defs>
      <text x={24} y={22} className="fill-soft">
        sighted over the near stick
      </text>
      <path d={path([far[0], far[1], deep(far[1]), deep(far[0])])} className="fill-amber-wash stroke-ink" />
      <path
        d={path([near[0], near[1], deep(near[1]), deep(near[0])])}
        className="fill-steel stroke-ink"
        strokeWidth={1.5}
      />
      <text x={far[1].x} y={far[1].y - 8} textAnchor="end" className="halo">
        far stick, {result.twist} of twist in the board
      </text>
      <text x={near[0].x + 8} y={near[0].y + 19}>
        near stick
      </text>
      <Plan result={result} id={id} width={width} top={height - PLAN} />
    </g>
  )
}

const deep = (point: Point): Point => ({ x: point.x, y: point.y + DEEP })

interface PlanProps {
  result: Schemas['WindingResult']
  id: string
  width: number
  top: number
}

/** The board from above, near end to the left; a circle where it is high, larger where more comes off. */
function Plan({ result, id, width, top }: PlanProps) {
  const long = Math.max(...result.corners.map((corner) => corner.atMm), 1)
  const narrow = width < 480
  const scale = Math.min((width - (narrow ? 110 : 200)) / long, 88 / result.boardWidthMm)
  const [left, wide] = [(width - long * scale) / 2, result.boardWidthMm * scale]
  const most = Math.max(...result.corners.map((corner) => corner.removeMm), 1e-9)
  return (
    <g>
      <rect
        x={left}
        y={top + 30}
        width={long * scale}
        height={wide}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      <text x={left - 10} y={top + 34 + wide / 2} textAnchor="end" className="fill-soft">
        {narrow ? 'near' : 'near end'}
      </text>
      <text x={left + long * scale + 10} y={top + 34 + wide / 2} className="fill-soft">
        {narrow ? 'far' : 'far end'}
      </text>
      {result.corners.map((corner) => {
        const at = {
          x: left + corner.atMm * scale,
          y: corner.side === 'left' ? top + 30 : top + 30 + wide,
        }
        if (corner.removeMm <= 0) return null
        return (
          <g key={`${corner.atMm} ${corner.side}`}>
            <circle
              cx={at.x}
              cy={at.y}
              r={5 + 13 * Math.sqrt(corner.removeMm / most)}
              fill={`url(#${id})`}
              className="stroke-blue"
            />
            <text
              x={at.x}
              y={corner.side === 'left' ? at.y - 20 : at.y + 32}
              textAnchor="middle"
              className="halo"
            >
              {corner.remove}
            </text>
          </g>
        )
      })}
    </g>
  )
}
