import type { Schemas } from '../../api/client'
import { ErrorHistory } from '../../drawings/ErrorHistory'
import { Button } from '../../parts/Button'
import { asDate } from '../../parts/dates'
import { Sheet } from '../../parts/Sheet'

const verdicts = { within: 'within', outside: 'outside', 'cannot-tell': 'can’t tell' } as const

/** Every test so far in one picture and as a list, and the one event that makes all of them stale. */
export function SquareHistory({ page, onFell }: { page: Schemas['SquarePage']; onFell: () => void }) {
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">History</h2>
        <Button onClick={onFell}>It fell today</Button>
      </div>
      {page.tests.length === 0 ? (
        <p className="text-soft">No test yet. The first one starts its history.</p>
      ) : (
        <>
          <Sheet
            title={`Error of the ${page.square.name} over time`}
            says={page.tests
              .map((test) => `${asDate(test.testedAt)}: ${test.error}, ${verdicts[test.verdict]}`)
              .join('; ')}
            block={[
              ['Above the line', 'toward the stock'],
              ['Shaded', 'your tolerance'],
            ]}
            height={() => 150}
          >
            {(box) => (
              <ErrorHistory
                tests={page.tests}
                toleranceMm={page.toleranceMm}
                tolerance={page.tolerance}
                droppedOn={page.droppedOn}
                {...box}
              />
            )}
          </Sheet>
          <ul className="mt-2 text-sm">
            {page.tests.toReversed().map((test) => (
              <li key={test.id} className="flex justify-between gap-3 border-b border-rule py-1">
                <span className="text-soft">{asDate(test.testedAt)}</span>
                <span>
                  {test.error}, {verdicts[test.verdict]}
                  {test.shavingsTaken !== null &&
                    `; ${test.shavingsTaken} shavings off the ${test.takenOffAt}`}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
