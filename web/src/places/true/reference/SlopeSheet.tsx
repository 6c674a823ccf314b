import { SlopeDrawing, slopeFactor } from '@/drawings/SlopeDrawing'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, type ReferenceSheetProps } from './ReferenceSheet'

/** A template's slope against the one it should have. */
export function SlopeSheet(props: ReferenceSheetProps) {
  const { slope } = props.good ?? props.preview
  return (
    <Sheet
      title="The template's slope against the one it should have"
      says={inWords(props)}
      block={[
        ['Slope', slope ? `1 in ${slope.ratio}` : '–'],
        ['Difference', `drawn ×${slopeFactor(slope)}`],
        ...(slope?.lean ? [['Its own lean', slope.lean] as const] : []),
        ...block(props),
      ]}
      height={() => 300}
    >
      {(box) => <SlopeDrawing result={slope} {...box} />}
    </Sheet>
  )
}
