import { useId } from 'react'
import type { Schemas } from '@/api/client'
import { flatLayout } from './flatLayout'
import { Hatch } from './Hatch'

interface FlatDrawingProps {
  flat: Schemas['FlatDrawn']
  lines: readonly Schemas['ListRead'][]
  shown: string | null
  onLine: (line: string) => void
  width: number
  height: number
}

const MOST_RADIUS = 17

export const flatHeight = (flat: Schemas['FlatDrawn'] | null, width: number): number =>
  flat ? flatLayout(flat, width).height + (width < NARROW ? 128 : 112) : 280

/** The surface from above: the line the straightedge lies on, a hatched disc where high, a ring where low. */
export function FlatDrawing({ flat, lines, shown, onLine, width, height }: FlatDrawingProps) {
  const id = useId()
  const layout = flatLayout(flat, width)
  const { at } = layout
  return (
    <g>
      <defs>
        <Hatch id={id} />
      </defs>
      <rect
        x={layout.left}
        y={layout.top}
        width={layout.width}
        height={layout.height}
        className="fill-wood stroke-ink"
        strokeWidth={1.5}
      />
      {lines.map((line) => (
        <Line key={line.id} line={line} at={at} isShown={line.id === shown} onLine={onLine} />
      ))}
      {flat.places.map((place, index) => (
        <Place key={index} place={place} hatch={id} {...at(place.alongMm, place.acrossMm)} />
      ))}
      <text
        x={layout.left - 24}
        y={layout.top + layout.height / 2 + 4}
        textAnchor="end"
        className="fill-soft"
      >
        near
      </text>
      <text x={layout.left + layout.width + 24} y={layout.top + layout.height / 2 + 4} className="fill-soft">
        far
      </text>
      <text x={layout.left} y={20} className="fill-soft">
        right side
      </text>
      <text x={layout.left} y={layout.top + layout.height + 30} className="fill-soft">
        left side
      </text>
      {legend(flat.places.length > 0, width).map((says, index, all) => (
        <text
          key={says}
          x={16}
          y={height - 12 - 17 * (all.length - 1 - index)}
          className="fill-soft"
          fontSize={13}
        >
          {says}
        </text>
      ))}
    </g>
  )
}

const NARROW = 480

function legend(isKnown: boolean, width: number): string[] {
  const says = isKnown
    ? ['hatched: high, larger where more comes off', 'ring: low, light shows']
    : ['heavy: the straightedge now', 'thin: read already']
  return width < NARROW ? says : [says.join(' · ')]
}

interface LineProps {
  line: Schemas['ListRead']
  at: (alongMm: number, acrossMm: number) => { x: number; y: number }
  isShown: boolean
  onLine: (line: string) => void
}

function Line({ line, at, isShown, onLine }: LineProps) {
  const [first, last] = [line.places[0], line.places.at(-1)]
  if (!first || !last) return null
  const [from, to] = [at(first.alongMm, first.acrossMm), at(last.alongMm, last.acrossMm)]
  const ends = { x1: from.x, y1: from.y, x2: to.x, y2: to.y }
  return (
    // The list beside the drawing does the same from the keyboard.
    <g onClick={() => onLine(line.id)} className="cursor-pointer">
      <line {...ends} stroke="transparent" strokeWidth={14} />
      <line
        {...ends}
        className={isShown ? 'stroke-ink' : 'stroke-soft'}
        strokeWidth={isShown ? 5 : 1.25}
        strokeDasharray={isShown || line.isRead ? undefined : '2 5'}
        strokeOpacity={isShown ? 0.85 : 1}
      />
    </g>
  )
}

interface PlaceProps {
  place: Schemas['FlatPlace']
  hatch: string
  x: number
  y: number
}

function Place({ place, hatch, x, y }: PlaceProps) {
  const isLow = place.share < 0.1
  return (
    <g>
      {isLow ? (
        <circle cx={x} cy={y} r={6} className="fill-amber-wash stroke-amber" strokeWidth={1.5} />
      ) : (
        <circle
          cx={x}
          cy={y}
          r={6 + place.share * (MOST_RADIUS - 6)}
          fill={`url(#${hatch})`}
          className="stroke-blue"
          strokeWidth={1.25}
        />
      )}
      {!isLow && (
        <text x={x} y={y + 4} textAnchor="middle" fontSize={12} fontWeight={700} className="halo">
          {place.remove}
        </text>
      )}
    </g>
  )
}
