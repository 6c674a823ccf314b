import type { Schemas } from '@/api/client'
import { WorkDrawing, workFits } from '@/drawings/WorkDrawing'
import { Sheet } from '@/parts/Sheet'
import { labelsOf } from './workForm'

interface WorkSheetProps {
  name: string
  says: string
  pattern: Schemas['Pattern'] | null
  values: Readonly<Record<string, string>>
  preview: Schemas['WorkPreview'] | undefined
}

/** The work drawn from its sizes as they are typed. */
export function WorkSheet({ name, says, pattern, values, preview }: WorkSheetProps) {
  const usual = Object.fromEntries((pattern?.measures ?? []).map((row) => [row.name, row.usualMm]))
  // Half a figure is drawn as it is typed.
  const labels = { ...labelsOf(pattern, values), ...preview?.labels }
  const form = pattern?.form ?? 'own'
  const sizeMm = preview && Object.keys(preview.measuresMm).length > 0 ? preview.measuresMm : usual
  return (
    <Sheet
      title={name}
      says={`${says} ${(pattern?.measures ?? []).map((row) => `${row.label} ${labels[row.name] ?? ''}`).join(', ')}.`}
      block={[
        ['Work', name],
        ['Kind', pattern?.name ?? 'your own'],
        ...(labels.thickness ? [['Thickness', labels.thickness] as const] : []),
      ]}
      fits={(box) => workFits(form, sizeMm, box)}
      height={(width) => Math.max(220, Math.min(340, width * 0.45))}
    >
      {(box) => <WorkDrawing {...{ form, sizeMm, labels }} {...box} />}
    </Sheet>
  )
}
