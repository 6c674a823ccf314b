import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import type { useChange } from '@/parts/useChange'
import { TestStroke } from './TestStroke'

interface JointStrokeProps {
  preview: Pick<Schemas['WindingPreview'], 'next' | 'how' | 'canRecord' | 'work'>
  record: Asked
  bench: Asked
  /** What the button is called that begins anew; null while nothing is typed. */
  again: string | null
  onAgain: () => void
}

type Asked = Pick<ReturnType<typeof useChange<unknown, unknown>>, 'mutate' | 'isPending' | 'error'>

/** What Ctrl Enter does in the readings: to the bench where there is something to plane, else the record. */
export const recordOf = (
  preview: JointStrokeProps['preview'],
  record: Asked,
  bench: Asked,
): (() => void) | null => (preview.canRecord ? () => (preview.work ? bench : record).mutate(undefined) : null)

/** The next stroke of a test over several things, or with the help of another. */
export function JointStroke({ preview, record, bench, again, onAgain }: JointStrokeProps) {
  return (
    <>
      <TestStroke
        next={preview.next}
        how={preview.how}
        onRecord={preview.canRecord ? () => record.mutate(undefined) : null}
        work={preview.work}
        onBench={preview.work ? () => bench.mutate(undefined) : null}
        canSayDone={false}
        busy={record.isPending || bench.isPending}
      />
      {again !== null && (
        <p className="mt-3 text-sm">
          <Button onClick={onAgain}>{again}</Button>
        </p>
      )}
      <Complaint problem={record.error ?? bench.error} besides={[]} />
    </>
  )
}
