import { scaleLinear } from 'd3-scale'
import type { Schemas } from '@/api/client'
import { path } from './geometry'

interface TrailProps {
  listed: Pick<Schemas['Listed'], 'trail' | 'toleranceMm'>
  width: number
  height: number
}

/** A reference's tests in a thumbnail: the band is the tolerance, a square is a test outside of it. */
export function Trail({ listed, width, height }: TrailProps) {
  const { trail, toleranceMm } = listed
  const [first, last] = [trail[0]?.day ?? 0, trail.at(-1)?.day ?? 1]
  const most = Math.max(toleranceMm, ...trail.map((point) => Math.abs(point.errorMm))) * 1.2
  const x = scaleLinear()
    .domain([first, Math.max(last, first + 1)])
    .range([5, width - 5])
  const y = scaleLinear().domain([-most, most]).range([height, 0])
  const points = trail.map((point) => ({ x: x(point.day), y: y(point.errorMm) }))

  return (
    <svg aria-hidden width={width} height={height} className="block shrink-0">
      <rect
        width={width}
        y={y(toleranceMm)}
        height={y(-toleranceMm) - y(toleranceMm)}
        className="fill-wood"
      />
      <line x1={0} x2={width} y1={y(0)} y2={y(0)} className="stroke-rule" />
      <path d={path(points, false)} className="fill-none stroke-ink" strokeWidth={1.25} />
      {trail.map((point, index) => {
        const { x: at, y: up } = points[index] ?? { x: 0, y: 0 }
        return point.outside ? (
          <rect key={index} x={at - 3} y={up - 3} width={6} height={6} className="fill-blue" />
        ) : trail.length <= 20 ? (
          <circle key={index} cx={at} cy={up} r={2} className="fill-ink" />
        ) : null
      })}
    </svg>
  )
}
