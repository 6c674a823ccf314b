import { HOW_READ } from '@/drawings/reading/howRead'
import { SlopeReading } from '@/drawings/reading/SlopeReading'
import { SlopeDrawing, slopeFactor } from '@/drawings/SlopeDrawing'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, lastOf, type ReferenceSheetProps } from './ReferenceSheet'

/** A template's slope against the one it should have. */
export function SlopeSheet(props: ReferenceSheetProps) {
  const { slope } = props.good ?? props.preview
  return (
    <Sheet
      title="The template's slope against the one it should have"
      says={inWords(props)}
      block={[
        ...(slope
          ? ([
              ['Slope', `1 in ${slope.ratio}`],
              ['Difference', `drawn ×${slopeFactor(slope)}`],
            ] as const)
          : [HOW_READ]),
        ...(slope?.lean ? [['Its own lean', slope.lean] as const] : []),
        ...block(props),
      ]}
      height={() => 340}
    >
      {(box) =>
        slope ? <SlopeDrawing result={slope} {...box} /> : <SlopeReading last={lastOf(props)} {...box} />
      }
    </Sheet>
  )
}
