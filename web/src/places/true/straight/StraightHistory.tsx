import type { Schemas } from '../../../api/client'
import { StraightnessOverTime } from '../../../drawings/StraightnessOverTime'
import { Button } from '../../../parts/Button'
import { asDate } from '../../../parts/dates'
import { Sheet } from '../../../parts/Sheet'

const verdicts = { within: 'within', outside: 'outside', 'cannot-tell': 'can’t tell' } as const

/** Every test so far in one picture and as a list, and the one event that makes all of them stale. */
export function StraightHistory({ page, onFell }: { page: Schemas['StraightPage']; onFell: () => void }) {
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
            title={`Straightness of the ${page.straight.name} over time`}
            says={page.tests
              .map((test) => `${asDate(test.testedAt)}: ${test.error}, ${verdicts[test.verdict]}`)
              .join('; ')}
            block={[
              ['Up', 'further from straight'],
              ['Shaded', 'your tolerance'],
            ]}
            height={() => 140}
          >
            {(box) => (
              <StraightnessOverTime
                tests={page.tests}
                toleranceMm={page.toleranceMm}
                tolerance={page.tolerance}
                {...box}
              />
            )}
          </Sheet>
          <ul className="mt-2 text-sm">
            {page.tests.toReversed().map((test) => (
              <li key={test.id} className="flex justify-between gap-3 border-b border-rule py-1">
                <span className="text-soft">{asDate(test.testedAt)}</span>
                <span>
                  {test.error}, {test.shape}, {verdicts[test.verdict]}
                  {test.strokesTaken !== null && `; ${test.strokesTaken} strokes taken`}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}
