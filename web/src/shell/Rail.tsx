import clsx from 'clsx'
import { NavLink } from 'react-router'
import { places } from './places'

/** The stop rule: a graduated rule whose sliding stop marks the place you are in. */
export function Rail() {
  return (
    <nav
      aria-label="Places"
      className="fixed inset-x-0 bottom-0 z-10 flex border-t border-rule bg-rail md:inset-y-0 md:right-auto md:w-24 md:flex-col md:border-t-0 md:border-r md:pt-16"
    >
      <Graduations />
      {places.map((place) => (
        <NavLink
          key={place.to}
          to={place.to}
          end={place.to === '/'}
          className={({ isActive }) =>
            clsx(
              'relative flex min-h-14 flex-1 flex-col justify-center px-1 text-center md:mb-11 md:flex-none md:px-3.5 md:text-left',
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

const TICKS = Array.from({ length: 101 }, (_, tick) => tick)

function Graduations() {
  return (
    <svg aria-hidden className="pointer-events-none absolute top-0 right-0 hidden h-[1010px] w-7 md:block">
      {TICKS.map((tick) => (
        <line
          key={tick}
          x1={tick % 10 === 0 ? 2 : tick % 5 === 0 ? 12 : 18}
          x2={28}
          y1={tick * 10 + 0.5}
          y2={tick * 10 + 0.5}
          className="stroke-rule"
          strokeWidth={tick % 10 === 0 ? 2 : 1}
        />
      ))}
    </svg>
  )
}
