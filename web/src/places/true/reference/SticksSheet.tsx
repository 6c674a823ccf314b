import { SticksDrawing, sticksFactor } from '@/drawings/SticksDrawing'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, type ReferenceSheetProps } from './ReferenceSheet'

/** Winding sticks as they are sighted, before and after the far one is turned. */
export function SticksSheet(props: ReferenceSheetProps) {
  const { sticks } = props.good ?? props.preview
  return (
    <Sheet
      title="The far stick as it lay first, and turned end for end"
      says={inWords(props)}
      block={(box) => [['Tilt', `drawn ×${sticksFactor(sticks, box.width)}`], ...block(props)]}
      height={() => 256}
    >
      {(box) => <SticksDrawing sticks={sticks} {...box} />}
    </Sheet>
  )
}
