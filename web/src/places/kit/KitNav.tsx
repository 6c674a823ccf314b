import clsx from 'clsx'
import { NavLink } from 'react-router'

const pages = [
  { to: '/kit', name: 'Board', end: true },
  { to: '/kit/works', name: 'Works', end: false },
  { to: '/kit/ladder', name: 'Ladder', end: false },
  { to: '/kit/fit', name: 'Fit', end: false },
  { to: '/kit/school', name: 'School', end: false },
] as const

/** The pages of the kit, one beside the other. */
export function KitNav() {
  return (
    <nav aria-label="Kit" className="mb-4 flex gap-x-5 overflow-x-auto border-b border-rule">
      {pages.map((page) => (
        <NavLink
          key={page.to}
          to={page.to}
          end={page.end}
          className={({ isActive }) =>
            clsx(
              'min-h-9 border-b-4 px-0.5 pt-1 font-slab text-lg font-semibold',
              isActive ? 'border-ink' : 'border-transparent text-soft hover:text-ink',
            )
          }
        >
          {page.name}
        </NavLink>
      ))}
    </nav>
  )
}
