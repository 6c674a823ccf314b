import clsx from 'clsx'
import type { Shape } from './shapes'

const WIDTH = 112
const HEIGHT = 64

const TONES = {
  steel: 'fill-steel stroke-ink',
  wood: 'fill-wood stroke-ink',
  line: 'fill-none stroke-ink',
  blue: 'fill-none stroke-blue',
  amber: 'fill-none stroke-amber',
  red: 'fill-none stroke-red',
  light: 'fill-amber-wash stroke-amber',
  hidden: 'fill-none stroke-soft',
} as const

interface SignProps {
  shapes: readonly Shape[] | undefined
  /** Twice as large where there is room. */
  large?: boolean
}

/** How something is done or looked at, as a small drawing; the words beside it say the same. */
export function Sign({ shapes, large = false }: SignProps) {
  if (!shapes) return null
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={clsx('h-auto w-[112px] shrink-0 border border-rule bg-sheet', large && 'md:w-[224px]')}
    >
      {shapes.map(([tone, d]) => (
        <path
          key={d}
          d={d}
          className={TONES[tone]}
          strokeWidth={tone === 'steel' || tone === 'wood' || tone === 'hidden' ? 1.25 : 2}
          strokeDasharray={tone === 'hidden' ? '3 3' : undefined}
        />
      ))}
    </svg>
  )
}
