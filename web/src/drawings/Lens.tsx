import { useId, type ReactNode } from 'react'
import type { Point } from './geometry'

interface LensProps {
  /** What is looked at: a small ring stands about it. */
  at: Point
  ring?: number
  lens: { x: number; y: number; r: number }
  children: ReactNode
}

/** A place of a drawing, enlarged beside it in a ring of its own. */
export function Lens({ at, ring = 12, lens, children }: LensProps) {
  const id = useId()
  const { x, y, r } = lens
  const away = Math.hypot(x - at.x, y - at.y)
  const toward = { x: (x - at.x) / away, y: (y - at.y) / away }
  return (
    <g>
      <clipPath id={id}>
        <circle cx={x} cy={y} r={r} />
      </clipPath>
      <circle cx={x} cy={y} r={r} className="fill-sheet" />
      <g clipPath={`url(#${id})`}>{children}</g>
      <circle cx={x} cy={y} r={r} className="fill-none stroke-ink" strokeWidth={1.5} />
      <circle cx={at.x} cy={at.y} r={ring} className="fill-none stroke-ink" strokeWidth={1.5} />
      <line
        x1={at.x + ring * toward.x}
        y1={at.y + ring * toward.y}
        x2={x - r * toward.x}
        y2={y - r * toward.y}
        className="stroke-ink"
      />
    </g>
  )
}
