import { HOW_READ } from '@/drawings/reading/howRead'
import { SightedReading } from '@/drawings/reading/SightedReading'
import { SticksDrawing, sticksFactor } from '@/drawings/SticksDrawing'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, lastOf, type ReferenceSheetProps } from './ReferenceSheet'

/** Winding sticks as they are sighted, before and after the far one is turned. */
export function SticksSheet(props: ReferenceSheetProps) {
  const { sticks } = props.good ?? props.preview
  return (
    <Sheet
      title="The far stick as it lay first, and turned end for end"
      says={inWords(props)}
      block={(box) => [
        sticks ? ['Tilt', `drawn ×${sticksFactor(sticks, box.width)}`] : HOW_READ,
        ...block(props),
      ]}
      height={() => 330}
    >
      {(box) =>
        sticks ? <SticksDrawing sticks={sticks} {...box} /> : <SightedReading last={lastOf(props)} {...box} />
      }
    </Sheet>
  )
}
