import type { Schemas } from '@/api/client'
import { degrees, path, type Point, radians } from './geometry'

interface ScraperDrawingProps {
  drawn: Schemas['DrawnBurr']
  width: number
  height: number
}

/** A scraper's edge large against the wood: leaned forward, the hook's underside just free of it. */
export function ScraperDrawing({ drawn, width, height }: ScraperDrawingProps) {
  const thick = Math.min(width * 0.14, 90)
  const wood = height - 54
  const tip = { x: width * 0.62, y: wood }
  const lean = radians(drawn.leanDeg)
  // The card's own axes, turned forward by its lean: along its face upward, and across its thickness backward.
  const at = (across: number, up: number): Point => ({
    x: tip.x - across * Math.cos(lean) + up * Math.sin(lean),
    y: tip.y - across * Math.sin(lean) - up * Math.cos(lean),
  })
  const drop = (thick / 2) * Math.tan(radians(drawn.burrDeg))
  const long = height * 0.85
  const card = [
    at(0, drop * 0.4),
    at(thick / 2, drop),
    at(thick, drop * 0.4),
    at(thick, long),
    at(0, long),
    at(-1, 16),
    at(-9, 3),
    at(-12, -2),
  ]
  const top = at(0, long * 0.6)
  return (
    <g>
      <rect x={0} y={wood} width={width} height={height - wood} className="fill-wood" />
      <line x1={0} y1={wood} x2={width} y2={wood} className="stroke-ink" strokeWidth={1.5} />
      <path d={path(card)} className="fill-steel stroke-ink" strokeWidth={1.5} strokeLinejoin="round" />
      <line
        x1={tip.x}
        y1={wood}
        x2={tip.x}
        y2={wood - long * 0.6}
        className="stroke-blue"
        strokeDasharray="4 3"
      />
      <text x={top.x + 14} y={top.y} className="figure halo">
        lean {degrees(drawn.leanDeg)}
      </text>
      <text x={width - 16} y={wood + 22} textAnchor="end" fontSize={12} className="fill-soft">
        pushed this way →
      </text>
      <text x={16} y={wood + 42} fontSize={12} className="fill-soft">
        behind the hook the edge slopes by {degrees(drawn.burrDeg)}
      </text>
    </g>
  )
}
