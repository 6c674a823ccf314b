import { memo } from 'react'
import type { Schemas } from '@/api/client'
import { ErrorHistory } from '@/drawings/ErrorHistory'
import { Button } from '@/parts/Button'
import { asDate } from '@/parts/dates'
import { Mend } from '@/parts/Mend'
import { Sheet } from '@/parts/Sheet'
import { BySeason } from './BySeason'

interface ReferenceHistoryProps {
  reference: number
  name: string
  history: Schemas['History']
  onFell: () => void
}

const verdicts = { within: 'within', outside: 'outside', 'cannot-tell': 'can’t tell' } as const
const SHOWN = 12

/** Every test so far in one picture and as a list, what they say together, and the event that makes them stale. */
export const ReferenceHistory = memo(function ReferenceHistory({
  reference,
  name,
  history,
  onFell,
}: ReferenceHistoryProps) {
  const { tests, says, nextCheckOn, sides } = history
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">History</h2>
        <Button writes onClick={onFell}>
          It fell today
        </Button>
      </div>
      {tests.length === 0 ? (
        <p className="text-soft">No test yet. The first one starts its history.</p>
      ) : (
        <>
          <Sheet
            title={`Error of the ${name} over time`}
            says={tests
              .map((test) => `${asDate(test.testedAt)}: ${test.error}, ${verdicts[test.verdict]}`)
              .join('; ')}
            block={[
              ['Up, down', sides.join(', ')],
              ['Shaded', 'your tolerance'],
              ['Next check', nextCheckOn === null ? 'now' : asDate(nextCheckOn)],
            ]}
            height={() => 160}
          >
            {(box) => <ErrorHistory history={history} {...box} />}
          </Sheet>
          {says.map((sentence) => (
            <p key={sentence} className="mt-2 text-sm">
              {sentence}
            </p>
          ))}
          <BySeason reference={reference} />
          <Tests reference={reference} tests={tests.toReversed().slice(0, SHOWN)} />
          {tests.length > SHOWN && (
            <details>
              <summary className="min-h-8 cursor-pointer text-sm text-soft">
                {tests.length - SHOWN} earlier
              </summary>
              <Tests reference={reference} tests={tests.toReversed().slice(SHOWN)} />
            </details>
          )}
        </>
      )}
    </section>
  )
})

function Tests({ reference, tests }: { reference: number; tests: readonly Schemas['Tested'][] }) {
  return (
    <ul className="mt-2 text-sm">
      {tests.map((test) => {
        const says = [test.error, ...(test.found ? [test.found] : []), verdicts[test.verdict]].join(', ')
        return (
          <li
            key={test.id}
            className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1"
          >
            <span className="shrink-0 text-soft">{asDate(test.testedAt)}</span>
            <span className="grow sm:text-right">
              {says}
              {test.taken !== null && `; ${test.taken}`}
            </span>
            <Mend
              written={test.written}
              says={`${asDate(test.testedAt)}, ${says}`}
              about={{ kind: 'reference', id: reference }}
            />
          </li>
        )
      })}
    </ul>
  )
}
