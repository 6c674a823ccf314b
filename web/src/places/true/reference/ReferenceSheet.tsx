import type { Schemas } from '../../../api/client'
import { FlatDrawing, flatHeight } from '../../../drawings/FlatDrawing'
import { SlopeDrawing, slopeFactor } from '../../../drawings/SlopeDrawing'
import { SticksDrawing, sticksFactor } from '../../../drawings/SticksDrawing'
import { Sheet } from '../../../parts/Sheet'

interface ReferenceSheetProps {
  page: Schemas['ReferencePage']
  preview: Schemas['ReferencePreview']
  /** The last preview with a result, while a figure is half typed. */
  good: Schemas['ReferencePreview'] | null
  line: string | null
  onLine: (line: string) => void
}

/** The drawing of a reference's test, by what it is. */
export function ReferenceSheet({ page, preview, good, line, onLine }: ReferenceSheetProps) {
  const shown = good ?? preview
  const says = shown.answer
    ? `${shown.answer.error} out. ${shown.answer.standing} ${preview.next.says}`
    : preview.next.says
  const test = ['Test', String(page.history.tests.length + 1)] as const
  const tolerance = ['What it may be out', page.history.tolerance] as const

  if (page.isFlat) {
    const { flat } = preview
    return (
      <Sheet
        title={`The ${page.name} from above, and what stands above the plane it is worked down to`}
        says={says}
        block={[['Figures', 'what comes off there'], test, tolerance]}
        height={(width) => flatHeight(flat, width)}
      >
        {(box) =>
          flat && (
            <FlatDrawing
              flat={{ ...flat, places: shown.flat?.places ?? [] }}
              lines={preview.lines}
              shown={line}
              onLine={onLine}
              {...box}
            />
          )
        }
      </Sheet>
    )
  }
  if (page.kind === 'sticks') {
    return (
      <Sheet
        title="The far stick as it lay first, and turned end for end"
        says={says}
        block={(box) => [['Tilt', `drawn ×${sticksFactor(shown.sticks, box.width)}`], test, tolerance]}
        height={() => 256}
      >
        {(box) => <SticksDrawing sticks={shown.sticks} {...box} />}
      </Sheet>
    )
  }
  return (
    <Sheet
      title="The template's slope against the one it should have"
      says={says}
      block={[
        ['Slope', shown.slope ? `1 in ${shown.slope.ratio}` : '–'],
        ['Difference', `drawn ×${slopeFactor(shown.slope)}`],
        ...(shown.slope?.lean ? [['Its own lean', shown.slope.lean] as const] : []),
        test,
        tolerance,
      ]}
      height={() => 300}
    >
      {(box) => <SlopeDrawing result={shown.slope} {...box} />}
    </Sheet>
  )
}
