import clsx from 'clsx'
import { memo, useEffect, useRef } from 'react'
import { NavLink, useLocation } from 'react-router'

interface PageNavProps {
  label: string
  pages: readonly { to: string; name: string; end: boolean }[]
}

/** The pages of a place, or of one thing in it, one beside the other; left alone at a key in a field below them. */
export const PageNav = memo(function PageNav({ label, pages }: PageNavProps) {
  const nav = useRef<HTMLElement>(null)
  const { pathname } = useLocation()
  // On a narrow screen the names run past its edge: the one that is open is brought into sight.
  useEffect(() => {
    nav.current?.querySelector('[aria-current=page]')?.scrollIntoView({ inline: 'nearest', block: 'nearest' })
  }, [pathname])

  return (
    <nav
      ref={nav}
      aria-label={label}
      className="strip mb-4 flex gap-x-5 overflow-x-auto border-b [scrollbar-width:none] border-rule"
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
})
