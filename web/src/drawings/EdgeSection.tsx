import type { Schemas } from '@/api/client'
import { edgeShape, shownLengthMm } from './edgeLayout'

const WIDTH = 132
const HEIGHT = 64

/** An edge as a small section in its present state, for lists. */
export function EdgeSection({ edge }: { edge: Schemas['Edge'] }) {
  const blade = { ...edge, recessionMm: 0, contactLengthMm: edge.microWidthMm }
  const lengthMm = shownLengthMm(blade)
  const scale = Math.min((WIDTH - 16) / lengthMm, (HEIGHT - 16) / edge.thicknessMm)
  const shape = edgeShape(blade, scale, { x: 10, y: HEIGHT - 10 }, lengthMm)
  return (
    <svg aria-hidden width={WIDTH} height={HEIGHT} className="shrink-0">
      <path d={shape.steel} className="fill-steel stroke-ink" strokeWidth={1.25} />
      {edge.condition !== 'sharp' && edge.condition !== 'unknown' && (
        <circle
          cx={shape.edge.x + 2}
          cy={shape.edge.y - 2}
          r={7}
          className="fill-none stroke-red"
          strokeWidth={2}
        />
      )}
    </svg>
  )
}
