import clsx from 'clsx'
import { NavLink } from 'react-router'
import { places } from './places'

/** The stop rule: a graduated rule whose sliding stop marks the place you are in. */
export function Rail() {
  return (
    <nav
      aria-label="Places"
      className={clsx(
        'fixed inset-x-0 bottom-0 z-10 flex border-t border-rule bg-rail',
        'md:inset-y-0 md:right-auto md:w-24 md:flex-col md:border-t-0 md:border-r md:pt-16',
      )}
    >
      <Graduations />
      {places.map((place) => (
        <NavLink
          key={place.to}
          to={place.to}
          end={place.to === '/'}
          className={({ isActive }) =>
            clsx(
              'relative flex min-h-14 flex-1 flex-col justify-center px-1 text-center',
              'md:mb-11 md:flex-none md:px-3.5 md:text-left',
              isActive ? 'bg-ink text-on-ink stop' : 'text-ink hover:bg-wood',
            )
          }
        >
          <span className="font-slab text-base font-semibold md:text-lg">{place.name}</span>
          <span aria-hidden className="hidden text-xs opacity-80 md:block">
            {place.key}
          </span>
        </NavLink>
      ))}
    </nav>
  )
}

/** As far as the tallest screen goes, px. */
const LENGTH = 2400

/** Two outlines, not a line for each mark: every page carries them. */
const marks = (every: number, from: (at: number) => number, wanted: (at: number) => boolean) =>
  Array.from({ length: LENGTH / every + 1 }, (_, tick) => tick * every)
    .filter(wanted)
    .map((at) => `M${from(at)} ${at + 0.5}H28`)
    .join('')
const TENS = marks(
  100,
  () => 2,
  () => true,
)
const ONES = marks(
  10,
  (at) => (at % 50 === 0 ? 12 : 18),
  (at) => at % 100 !== 0,
)

function Graduations() {
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute top-0 right-0 hidden h-full w-7 stroke-rule md:block"
    >
      <path d={TENS} strokeWidth={2} />
      <path d={ONES} />
    </svg>
  )
}
