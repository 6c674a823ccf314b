import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { path } from './geometry'
import { Hatch } from './Hatch'
import { straightedgeFactor, straightedgeLayout } from './straightedgeLayout'

interface ThreeProfilesProps {
  preview: Schemas['ThreeEdgesPreview']
  width: number
}

const FACTORS = [10, 20, 50, 100, 200, 500, 1000]
const ROW = 100
const ROOM = 52

export const threeHeight = 3 * ROW + 20

const lengthOf = (preview: Schemas['ThreeEdgesPreview']) => preview.stationsMm.at(-1) ?? 900

/** One factor for all three, so that the worst is seen to be the worst. */
export function threeFactor(preview: Schemas['ThreeEdgesPreview'], width: number): number {
  const heightsMm = preview.edges.flatMap((edge) => edge.removeMm)
  return straightedgeFactor({ lengthMm: lengthOf(preview), stationsMm: [], heightsMm }, width, ROOM, FACTORS)
}

/** Three edges one under the other, each over the line it would be planed to. */
export function ThreeProfiles({ preview, width }: ThreeProfilesProps) {
  const id = useId()
  const factor = threeFactor(preview, width)
  return (
    <g>
      <defs>
        <Hatch id={id} />
      </defs>
      {preview.edges.map((edge, index) => {
        const baseline = (index + 1) * ROW - 12
        const drawn = {
          lengthMm: lengthOf(preview),
          stationsMm: preview.stationsMm,
          heightsMm: edge.removeMm,
        }
        const { edge: points, line } = straightedgeLayout(drawn, factor, width, baseline)
        return (
          <g key={edge.name}>
            <path
              d={path([...points, { x: line[1].x, y: baseline + 20 }, { x: line[0].x, y: baseline + 20 }])}
              className="fill-wood"
            />
            <path
              d={path([line[0], ...points, line[1]])}
              fill={`url(#${id})`}
              className="stroke-blue"
              strokeWidth={1}
            />
            <path d={path(points, false)} className="fill-none stroke-ink" strokeWidth={2} />
            <path d={path(line, false)} className="stroke-ink" strokeDasharray="6 4" />
            <text x={line[0].x} y={baseline + 15} fontWeight={700}>
              {edge.name}: {edge.straightness}
              {edge.verdict === 'outside' ? ', outside' : edge.verdict === 'within' ? ', within ✓' : ''}
            </text>
          </g>
        )
      })}
    </g>
  )
}
