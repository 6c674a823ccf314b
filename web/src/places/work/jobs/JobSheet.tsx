import { memo } from 'react'
import type { Schemas } from '@/api/client'
import { heightOfJob, JobDrawing } from '@/drawings/JobDrawing'
import { Sheet } from '@/parts/Sheet'

interface JobSheetProps {
  title: string
  rows: readonly Schemas['JobRow'][]
  kinds: readonly Schemas['JobKind'][]
  block: readonly (readonly [string, string])[]
  says: string
}

/** The whole job on one sheet, to the scale of its minutes. */
export const JobSheet = memo(function JobSheet({ title, rows, kinds, block, says }: JobSheetProps) {
  return (
    <Sheet title={title} says={says} block={block} height={() => heightOfJob(rows)}>
      {({ width }) => <JobDrawing rows={rows} kinds={kinds} width={width} />}
    </Sheet>
  )
})
