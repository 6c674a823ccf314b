import { STALL_SIGNS } from './stallSigns'

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

/** How a check is done, as a small drawing; the words beside it say the same. */
export function StallSign({ sign }: { sign: string }) {
  const shapes = STALL_SIGNS[sign]
  if (!shapes) return null
  return (
    <svg
      aria-hidden
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="shrink-0 border border-rule bg-sheet"
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
