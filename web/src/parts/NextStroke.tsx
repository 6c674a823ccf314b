import type { ReactNode } from 'react'
import { useConnection } from '@/api/connection'
import { told } from './told'

interface NextStrokeProps {
  says: string
  why: string
  children?: ReactNode
}

/** What to do now, in one sentence, under a heavy rule; why in one smaller line; the one dark button. */
export function NextStroke({ says, why, children }: NextStrokeProps) {
  const { lost } = useConnection()
  return (
    <section aria-label="Next stroke" data-answer className="mt-4 border-t-4 border-ink pt-3">
      <p
        aria-live="polite"
        className="font-slab text-[1.65rem] leading-[1.15] font-semibold"
        data-testid="next-stroke"
      >
        {told(says)}
      </p>
      <p className="mt-2 text-soft">{told(why)}</p>
      {lost && <p className="mt-1 text-sm">What you type now is reckoned when connected.</p>}
      {children && <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">{children}</div>}
    </section>
  )
}
