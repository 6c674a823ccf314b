import clsx from 'clsx'
import { NavLink } from 'react-router'

interface PageNavProps {
  label: string
  pages: readonly { to: string; name: string; end: boolean }[]
}

/** The pages of a place, or of one thing in it, one beside the other. */
export function PageNav({ label, pages }: PageNavProps) {
  return (
    <nav
      aria-label={label}
      className="mb-4 flex gap-x-5 overflow-x-auto border-b [scrollbar-width:none] border-rule"
    >
      {pages.map((page) => (
        <NavLink
          key={page.to}
          to={page.to}
          end={page.end}
          className={({ isActive }) =>
            clsx(
              'min-h-9 border-b-4 px-0.5 pt-1 font-slab text-lg font-semibold whitespace-nowrap',
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
