import type { Schemas } from '../../api/client'
import { ErrorHistory } from '../../drawings/ErrorHistory'
import { ReferenceHistory } from './ReferenceHistory'

/** A square's error over time, and what was planed off after which test. */
export function SquareHistory({ page, onFell }: { page: Schemas['SquarePage']; onFell: () => void }) {
  const { tests, toleranceMm, tolerance, droppedOn } = page
  return (
    <ReferenceHistory
      title={`Error of the ${page.square.name} over time`}
      tests={tests}
      block={[
        ['Above the line', 'toward the stock'],
        ['Shaded', 'your tolerance'],
      ]}
      more={({ shavingsTaken, takenOffAt }) => ({
        taken: shavingsTaken === null ? null : `${shavingsTaken} shavings off the ${takenOffAt}`,
      })}
      onFell={onFell}
    >
      {(box) => <ErrorHistory {...{ tests, toleranceMm, tolerance, droppedOn }} {...box} />}
    </ReferenceHistory>
  )
}
