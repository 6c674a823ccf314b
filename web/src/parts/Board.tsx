import type { ReactNode } from 'react'

/** Drawing to the left, readings and next stroke to the right; one under the other where it is narrow. */
export function Board({ drawing, column }: { drawing: ReactNode; column: ReactNode }) {
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_26rem] lg:gap-8">
      <div className="min-w-0 lg:sticky lg:top-3">{drawing}</div>
      <div className="min-w-0">{column}</div>
    </div>
  )
}
