import type { Schemas } from '@/api/client'
import { besideEachOther } from './besideEachOther'
import { degrees, path, type Point, radians } from './geometry'
import { Lens } from './Lens'

interface ScraperDrawingProps {
  drawn: Schemas['DrawnBurr']
  width: number
  height: number
}

/** A card seen from its end, mm; common practice. */
const CARD_MM = 60

/** A card leaned forward on the wood; and its edge, enlarged: the hook, its underside just free. */
export function ScraperDrawing({ drawn, width, height }: ScraperDrawingProps) {
  const { whole, lens } = besideEachOther(width, height)
  const wood = whole.y + whole.height - 34
  const scale = (whole.height - 70) / CARD_MM
  const lean = radians(drawn.leanDeg)
  const tip = { x: whole.x + whole.width * 0.5, y: wood }
  const top = { x: tip.x + CARD_MM * scale * Math.sin(lean), y: tip.y - CARD_MM * scale * Math.cos(lean) }
  const arc = CARD_MM * scale * 0.72
  return (
    <g>
      <rect x={whole.x} y={wood} width={whole.width} height={34} className="fill-timber" />
      <line
        x1={whole.x}
        x2={whole.x + whole.width}
        y1={wood}
        y2={wood}
        className="stroke-ink"
        strokeWidth={1.5}
      />
      <line
        x1={tip.x}
        x2={tip.x}
        y1={wood}
        y2={wood - arc - 14}
        className="stroke-blue"
        strokeDasharray="4 3"
      />
      <path
        d={`M${tip.x} ${wood - arc}A${arc} ${arc} 0 0 1 ${tip.x + arc * Math.sin(lean)} ${wood - arc * Math.cos(lean)}`}
        className="fill-none stroke-blue"
        strokeWidth={1.5}
      />
      <line
        x1={tip.x}
        y1={tip.y}
        x2={top.x}
        y2={top.y}
        className="stroke-ink"
        strokeWidth={Math.max(3, drawn.thicknessMm * scale)}
      />
      <path
        d={`M${tip.x + 4} ${wood - 3}q26 -6 30 -24q0 -16 -16 -14q-10 3 -6 12`}
        className="fill-none stroke-ink"
        strokeWidth={1.5}
      />
      <text x={tip.x - 14} y={wood - arc - 4} textAnchor="end" className="figure halo">
        lean {degrees(drawn.leanDeg)}
      </text>
      <text x={whole.x + 10} y={wood + 22} fontSize={12}>
        pushed this way →
      </text>
      <Hook drawn={drawn} at={tip} lens={lens} />
    </g>
  )
}

interface HookProps {
  drawn: Schemas['DrawnBurr']
  at: Point
  lens: { x: number; y: number; r: number }
}

/** What a lens over the edge shows. */
function Hook({ drawn, at, lens }: HookProps) {
  const { x, y, r } = lens
  const lean = radians(drawn.leanDeg)
  const thick = r * 0.62
  const wood = y + r * 0.42
  const tip = { x: x + r * 0.34, y: wood }
  // The card's own axes, turned forward by its lean: along its face upward, and across its thickness backward.
  const on = (across: number, up: number): Point => ({
    x: tip.x - across * Math.cos(lean) + up * Math.sin(lean),
    y: tip.y - across * Math.sin(lean) - up * Math.cos(lean),
  })
  const drop = (thick / 2) * Math.tan(radians(drawn.burrDeg))
  const card = [
    on(0, drop * 0.4),
    on(thick / 2, drop),
    on(thick, drop * 0.4),
    on(thick, 2 * r),
    on(0, 2 * r),
    on(-1, 16),
    on(-9, 3),
    on(-12, -2),
  ]
  return (
    <Lens at={at} ring={9} lens={lens}>
      <rect x={x - r} y={wood} width={2 * r} height={r} className="fill-timber" />
      <line x1={x - r} x2={x + r} y1={wood} y2={wood} className="stroke-ink" strokeWidth={1.5} />
      <path d={path(card)} className="fill-steel stroke-ink" strokeWidth={1.5} strokeLinejoin="round" />
      <text x={x} y={wood + 24} textAnchor="middle" fontSize={12}>
        the edge slopes {degrees(drawn.burrDeg)}
      </text>
      <text x={x} y={wood + 40} textAnchor="middle" fontSize={12}>
        behind the hook
      </text>
    </Lens>
  )
}
