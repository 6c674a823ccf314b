import type { Schemas } from '@/api/client'
import { fillOf } from '@/drawings/ToolOutline'

const SCALE = 0.3

/** A reference drawn small: a square to its own measure, the others by what they are. */
export function ReferenceOutline({ outline }: { outline: Schemas['Outline'] }) {
  if (outline.drawn) return <ToMeasure drawn={outline.drawn} />
  return (
    <svg aria-hidden width={76} height={40} className="shrink-0">
      {SHAPES[outline.form].map((shape) => (
        <path key={shape} d={shape} className="fill-steel stroke-ink" strokeWidth={1.25} />
      ))}
    </svg>
  )
}

/** True edges below; the other edge of a straightedge shaped so that nobody mistakes it. */
const SHAPES: Record<Schemas['Outline']['form'], readonly string[]> = {
  square: ['M2 2 H14 V30 H60 V38 H2 Z'],
  straightedge: ['M2 30 H74 V24 Q38 10 2 24 Z'],
  sticks: ['M2 18 H74 V10 H2 Z', 'M2 34 H74 V26 H2 Z'],
  slope: ['M14 34 H62 V28 H14 Z', 'M30 28 H50 L46 4 H34 Z'],
  sole: ['M2 26 Q2 14 12 14 H74 V26 Z', 'M24 14 V26 H27 V14 Z'],
  stone: ['M6 12 H70 V28 H6 Z'],
  board: ['M2 8 H74 V32 H2 Z', 'M2 8 H74 V18 H2 Z'],
}

function ToMeasure({ drawn }: { drawn: Schemas['ToolOutline'] }) {
  return (
    <svg
      aria-hidden
      width={76}
      height={84}
      viewBox={`-3 -3 ${76 / SCALE} ${84 / SCALE}`}
      className="shrink-0"
    >
      {drawn.bodies.map((body) => (
        <path key={body.path} d={body.path} fill={fillOf(body.of)} className="stroke-ink" strokeWidth={4} />
      ))}
    </svg>
  )
}
