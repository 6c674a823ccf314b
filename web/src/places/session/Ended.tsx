import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { ended } from './ended'

/** What stands on the screen when a session has ended. */
export function Ended({ at }: { at: Schemas['Session'] }) {
  const { title, says, note, first, second } = ended(at)
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <h1 className="text-4xl">{title}</h1>
      <p className="text-xl text-soft">{says}</p>
      {note && <p className="text-lg">{note}</p>}
      <p className="flex flex-wrap gap-6 text-xl">
        <Link to={first.to} className="bg-ink px-5 py-3 font-bold text-on-ink">
          {first.text}
        </Link>
        <Link to={second.to} className="py-3 underline underline-offset-4">
          {second.text}
        </Link>
      </p>
    </main>
  )
}
