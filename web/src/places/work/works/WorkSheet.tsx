import type { Schemas } from '@/api/client'
import { WorkDrawing } from '@/drawings/WorkDrawing'
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
  return (
    <Sheet
      title={name}
      says={`${says} ${(pattern?.measures ?? []).map((row) => `${row.label} ${labels[row.name] ?? ''}`).join(', ')}.`}
      block={[
        ['Work', name],
        ['Kind', pattern?.name ?? 'your own'],
        ...(labels.thickness ? [['Thickness', labels.thickness] as const] : []),
      ]}
      height={(width) => Math.max(220, Math.min(340, width * 0.45))}
    >
      {(box) => (
        <WorkDrawing
          form={pattern?.form ?? 'own'}
          sizeMm={preview && Object.keys(preview.measuresMm).length > 0 ? preview.measuresMm : usual}
          labels={labels}
          {...box}
        />
      )}
    </Sheet>
  )
}
