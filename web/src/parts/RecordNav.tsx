import { NavLink } from 'react-router'

interface RecordNavProps {
  /** What they are, together. */
  label: string
  rows: readonly { to: string; text: string; here: boolean }[]
}

/** The records of one kind beside each other, and a new one at the end. */
export function RecordNav({ label, rows }: RecordNavProps) {
  return (
    <nav aria-label={label} className="mb-4 flex flex-wrap gap-x-5">
      {rows.map(({ to, text, here }) => (
        <NavLink
          key={to}
          to={to}
          aria-current={here ? 'page' : undefined}
          className={`min-h-8 underline-offset-4 ${here ? 'font-bold underline' : 'text-soft hover:text-ink'}`}
        >
          {text}
        </NavLink>
      ))}
    </nav>
  )
}
