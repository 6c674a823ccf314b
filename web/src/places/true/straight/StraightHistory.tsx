import type { Schemas } from '../../../api/client'
import { StraightnessOverTime } from '../../../drawings/StraightnessOverTime'
import { ReferenceHistory } from '../ReferenceHistory'

/** A straightedge's straightness over time, and how many strokes were taken after which test. */
export function StraightHistory({ page, onFell }: { page: Schemas['StraightPage']; onFell: () => void }) {
  const { tests, toleranceMm, tolerance } = page
  return (
    <ReferenceHistory
      title={`Straightness of the ${page.straight.name} over time`}
      tests={tests}
      block={[
        ['Up', 'further from straight'],
        ['Shaded', 'your tolerance'],
      ]}
      more={({ shape, strokesTaken }) => ({
        shape,
        taken: strokesTaken === null ? null : `${strokesTaken} strokes taken`,
      })}
      onFell={onFell}
    >
      {(box) => <StraightnessOverTime {...{ tests, toleranceMm, tolerance }} {...box} />}
    </ReferenceHistory>
  )
}
