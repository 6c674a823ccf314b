import type { Schemas } from '@/api/client'
import { path } from './geometry'

/** How much of a width is seen, and how far it leans, looked at from above and in front. */
const SEEN = 0.55
const LEAN = 0.45

/** So many pixels make a millimetre at most, and a thickness is seen at all. */
const LARGEST = 0.6
const LEAST_PX = 3

interface PlankProps {
  blank: Pick<Schemas['ListedBlank'], 'lengthMm' | 'widthMm' | 'thicknessMm'>
  /** The piece that is to come out of it, with what is planed off. */
  wanted: Schemas['RoughSize']
  /** The longest on the shelf: all of them are drawn to its scale, mm. */
  longestMm: number
  width: number
}

const seenOf = (widthMm: number, scale: number) => ({
  x: widthMm * scale * LEAN,
  y: Math.max(4, widthMm * scale * SEEN),
})

/** A blank as it lies on the shelf, to the scale of the longest, and on it the piece that is wanted. */
export function Plank({ blank, wanted, longestMm, width }: PlankProps) {
  const scale = Math.min(LARGEST, (width - 60) / longestMm)
  const back = seenOf(blank.widthMm, scale)
  const thick = Math.max(LEAST_PX, blank.thicknessMm * scale)
  const long = blank.lengthMm * scale
  const piece = { ...seenOf(wanted.widthMm, scale), long: wanted.lengthMm * scale }
  const [left, face] = [4, back.y + 6]
  const height = face + thick + 3

  return (
    <svg viewBox={`0 0 ${width} ${height}`} aria-hidden className="my-1 block h-auto w-full max-w-lg">
      <path
        d={path([
          { x: left, y: face },
          { x: left + back.x, y: face - back.y },
          { x: left + back.x + long, y: face - back.y },
          { x: left + long, y: face },
        ])}
        className="fill-timber stroke-ink"
        strokeLinejoin="round"
      />
      <rect x={left} y={face} width={long} height={thick} className="fill-wood stroke-ink" />
      <path
        d={path([
          { x: left + long, y: face },
          { x: left + long + back.x, y: face - back.y },
          { x: left + long + back.x, y: face - back.y + thick },
          { x: left + long, y: face + thick },
        ])}
        className="fill-wood stroke-ink"
        strokeLinejoin="round"
      />
      <path
        d={path([
          { x: left, y: face },
          { x: left + piece.x, y: face - piece.y },
          { x: left + piece.x + piece.long, y: face - piece.y },
          { x: left + piece.long, y: face },
        ])}
        className="fill-none stroke-blue"
        strokeDasharray="5 3"
        strokeWidth={1.5}
      />
    </svg>
  )
}
