import type { ReactNode } from 'react'
import type { Schemas } from '@/api/client'
import { DrawnFigure } from '../DrawnFigure'
import { HEIGHT, WIDTH } from './onStone'

/** What a step’s drawing is made of. */
export interface HandsProps {
  hands: Schemas['StepHands']
  /** Strokes, turns, teeth so far: what moves goes out with one and back with the next. */
  count: number
  /** How much of the step that is, from 0 to 1. */
  done: number
}

/** A figure to be read at two metres. */
export const FIGURE = 'fill-ink font-slab font-semibold'

/** What moves with the count, and stands still where that is wanted. */
export const MOVING = 'transition-transform duration-500 motion-reduce:transition-none'

export function Frame({ says, children }: { says: string; children: ReactNode }) {
  return (
    <svg
      role="img"
      aria-label={says}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="max-h-[23vh] w-full max-w-3xl overflow-visible md:max-h-[34vh] md:w-1/2"
    >
      {children}
    </svg>
  )
}

interface FigureProps {
  x: number
  y: number
  says: string | undefined
  /** What it is a figure of, in a smaller line below. */
  of?: string
  anchor?: 'start' | 'middle' | 'end'
}

/** A figure, where there is one: what was begun without sizes is drawn without. */
export function Figure({ x, y, says, of, anchor = 'start' }: FigureProps) {
  if (!says) return null
  return (
    <g textAnchor={anchor}>
      <text x={x} y={y} style={{ fontSize: 42 }} className={FIGURE}>
        <DrawnFigure text={says} />
      </text>
      {of && (
        <text x={x} y={y + 24} style={{ fontSize: 20 }} className="fill-soft">
          {of}
        </text>
      )}
    </g>
  )
}
