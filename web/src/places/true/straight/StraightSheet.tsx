import type { Schemas } from '../../../api/client'
import { straightFactor } from '../../../drawings/straightLayout'
import { profileHeight, StraightProfile } from '../../../drawings/StraightProfile'
import { Sheet } from '../../../parts/Sheet'

interface StraightSheetProps {
  page: Schemas['StraightPage']
  preview: Schemas['StraightPreview']
  step: number
  onStep: (step: number) => void
}

const FACTORS = [10, 20, 50, 100, 200, 500, 1000]
const ROOM = 86

/** The edge with what stands proud of it, before the first stroke or after any of them. */
export function StraightSheet({ page, preview, step, onStep }: StraightSheetProps) {
  const { straight } = page
  const at = Math.min(step, preview.leaves.length - 1)
  const stations = preview.result?.stations.map((one) => one.atMm) ?? [0, straight.lengthMm]
  const before = { lengthMm: straight.lengthMm, stationsMm: stations, heightsMm: preview.leaves[0] ?? [0, 0] }
  const drawn = { ...before, heightsMm: preview.leaves[at] ?? before.heightsMm }
  const factor = (width: number) => straightFactor(before, width, ROOM, FACTORS)

  return (
    <Sheet
      title={`The true edge of the ${straight.name}`}
      says={
        preview.result
          ? `${preview.result.shape}, straight to ${preview.result.straightness}. ${preview.next.says}`
          : preview.next.says
      }
      block={(box) => [
        ['Heights', `drawn ×${factor(box.width)}`],
        ['Test', String(page.history.tests.length + 1)],
        ['Your tolerance', page.history.tolerance],
      ]}
      height={() => profileHeight(preview.strokes.length)}
      controls={
        preview.strokeCount > 0 && (
          <label className="flex items-center gap-2 text-sm">
            <span className="text-soft">Drawn</span>
            <select
              value={at}
              onChange={(event) => onStep(Number(event.target.value))}
              className="min-h-8 border border-rule bg-sheet px-1"
            >
              {preview.leaves.map((_, index) => (
                <option key={index} value={index}>
                  {index === 0 ? 'as it is' : `after stroke ${index} of ${preview.strokeCount}`}
                </option>
              ))}
            </select>
          </label>
        )
      }
    >
      {(box) => (
        <StraightProfile
          drawn={drawn}
          strokes={preview.strokes}
          done={at}
          factor={factor(box.width)}
          {...box}
        />
      )}
    </Sheet>
  )
}
