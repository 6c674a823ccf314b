import type { ReactNode } from 'react'
import { Button } from '../../parts/Button'
import { asDate } from '../../parts/dates'
import { Sheet } from '../../parts/Sheet'

interface Tested {
  id: number
  testedAt: string
  error: string
  verdict: keyof typeof verdicts
}

interface HistoryProps<T extends Tested> {
  title: string
  tests: readonly T[]
  block: readonly (readonly [string, string])[]
  /** The tests against their dates. */
  children: (box: { width: number; height: number }) => ReactNode
  /** What is to be said of a test beside its error and verdict. */
  more: (test: T) => { shape?: string; taken: string | null }
  onFell: () => void
}

const verdicts = { within: 'within', outside: 'outside', 'cannot-tell': 'can’t tell' } as const

/** Every test so far in one picture and as a list, and the one event that makes all of them stale. */
export function ReferenceHistory<T extends Tested>({
  title,
  tests,
  block,
  children,
  more,
  onFell,
}: HistoryProps<T>) {
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">History</h2>
        <Button onClick={onFell}>It fell today</Button>
      </div>
      {tests.length === 0 ? (
        <p className="text-soft">No test yet. The first one starts its history.</p>
      ) : (
        <>
          <Sheet
            title={title}
            says={tests
              .map((test) => `${asDate(test.testedAt)}: ${test.error}, ${verdicts[test.verdict]}`)
              .join('; ')}
            block={block}
            height={() => 150}
          >
            {children}
          </Sheet>
          <ul className="mt-2 text-sm">
            {tests.toReversed().map((test) => {
              const { shape, taken } = more(test)
              return (
                <li key={test.id} className="flex justify-between gap-3 border-b border-rule py-1">
                  <span className="text-soft">{asDate(test.testedAt)}</span>
                  <span>
                    {[test.error, ...(shape ? [shape] : []), verdicts[test.verdict]].join(', ')}
                    {taken !== null && `; ${taken}`}
                  </span>
                </li>
              )
            })}
          </ul>
        </>
      )}
    </section>
  )
}
