import type { ReactNode } from 'react'
import { Link } from 'react-router'

interface MainLinkProps {
  to: string
  children: ReactNode
}

/** The one dark button of a screen, where it leads to another page. */
export function MainLink({ to, children }: MainLinkProps) {
  return (
    <Link to={to} className="inline-flex min-h-11 items-center bg-ink px-4 font-bold text-on-ink">
      {children}
    </Link>
  )
}
