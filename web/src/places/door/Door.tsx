import type { ReactNode } from 'react'
import { useTitle } from '@/parts/useTitle'

/** A page before the bench: one sheet in the middle, without the rail. */
export function Door({ title, says, children }: { title: string; says: string; children: ReactNode }) {
  useTitle(title)
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center p-5">
      <p className="font-slab text-lg font-semibold">Jack Rest</p>
      <h1 className="mt-2 border-t-4 border-ink pt-3 text-3xl">{title}</h1>
      <p className="mt-1 mb-4 text-soft">{says}</p>
      {children}
    </main>
  )
}
