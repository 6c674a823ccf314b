import { scaleLog } from 'd3-scale'
import type { Schemas } from '../api/client'

interface StoneRackProps {
  stones: readonly Schemas['Stone'][]
  width: number
}

export const RACK_HEIGHT = 120
const TICKS = [100, 50, 20, 10, 5, 2, 1]

/** The stones on one logarithmic micrometre scale, coarse to the left. */
export function StoneRack({ stones, width }: StoneRackProps) {
  const at = scaleLog()
    .domain([150, 0.7])
    .range([24, width - 24])
  const line = 84

  return (
    <g>
      <line x1={12} x2={width - 12} y1={line} y2={line} className="stroke-ink" strokeWidth={1.5} />
      {TICKS.map((um) => (
        <g key={um}>
          <line x1={at(um)} x2={at(um)} y1={line} y2={line + 7} className="stroke-ink" />
          <text x={at(um)} y={line + 23} textAnchor="middle" className="fill-soft">
            {um}
            {um === 100 ? ' µm' : ''}
          </text>
        </g>
      ))}
      {stones.map((stone) => (
        <g key={stone.id}>
          <rect
            x={at(stone.particleUm) - 15}
            y={line - 34}
            width={30}
            height={34}
            className="fill-steel stroke-ink"
            strokeWidth={1.25}
          />
          <text x={at(stone.particleUm)} y={line - 42} textAnchor="middle" fontWeight={700} className="halo">
            {stone.label}
          </text>
        </g>
      ))}
    </g>
  )
}
