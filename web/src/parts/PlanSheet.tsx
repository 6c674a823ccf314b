import { memo } from 'react'
import type { Schemas } from '@/api/client'
import { PlanDrawing } from '@/drawings/PlanDrawing'
import { arrange, placeViews } from '@/drawings/planLayout'
import { Sheet } from '@/parts/Sheet'

/** What the sheet grows by, px: with each key it would push the page up and down. */
const STEP = 30

const inSteps = (height: number) => Math.max(4, Math.ceil(height / STEP)) * STEP

const NOTHING: readonly (readonly [string, string])[] = []

/** The shop drawing of a plan. */
export const PlanSheet = memo(function PlanSheet({
  preview,
  highest,
  dashed = 'hidden',
  stands = NOTHING,
}: {
  preview: Pick<Schemas['PlanPreview'], 'label' | 'views' | 'lines'>
  /** No view is higher than this, px. */
  highest?: number
  /** What dashed lines stand for. */
  dashed?: string
  /** How far the making of it is. */
  stands?: readonly (readonly [string, string])[]
}) {
  const { views } = preview
  return (
    <Sheet
      title={preview.label}
      says={preview.lines.join(' ')}
      block={[['Drawn', preview.label], ['Dashed', dashed], ...stands]}
      fits={({ width }) => placeViews(views, width, highest).scale}
      height={(width) => inSteps(placeViews(views, width, highest).height)}
    >
      {({ width, scale }) => <PlanDrawing placed={arrange(views, width, scale).placed} scale={scale} />}
    </Sheet>
  )
})
