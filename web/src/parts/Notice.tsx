import type { ReactNode } from 'react'
import { told } from './told'
import { useTitle } from './useTitle'

/** Something to know before going on; nothing typed is lost behind it. */
export function Notice({ children }: { children: ReactNode }) {
  return (
    <div role="alert" className="my-3 border-l-4 border-red bg-sheet py-2 pr-2 pl-3">
      {typeof children === 'string' ? told(children) : children}
    </div>
  )
}

/** For a moment while the first answer is on its way. */
export function Waiting() {
  return <p className="py-10 text-soft">Fetching it from the shelf…</p>
}

/** What could not be fetched, and why. */
export function Lost({ problem }: { problem: unknown }) {
  useTitle('Not here')
  return (
    <div role="alert" className="py-10">
      <h1 className="text-2xl">{problem instanceof Error ? problem.message : String(problem)}</h1>
    </div>
  )
}
