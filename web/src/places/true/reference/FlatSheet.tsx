import { FlatDrawing, flatHeight } from '@/drawings/FlatDrawing'
import { Sheet } from '@/parts/Sheet'
import { block, inWords, type ReferenceSheetProps } from './ReferenceSheet'

/** A flat thing from above: the lines of the straightedge, and what comes off where. */
export function FlatSheet(props: ReferenceSheetProps) {
  const { page, good, preview, line, onLine } = props
  const { flat } = preview
  return (
    <Sheet
      title={`The ${page.name} from above, and what stands above the plane it is worked down to`}
      says={inWords(props)}
      block={[['Figures', 'what comes off there'], ...block(props)]}
      height={(width) => flatHeight(flat, width)}
    >
      {(box) =>
        flat && (
          <FlatDrawing
            flat={{ ...flat, places: (good ?? preview).flat?.places ?? [] }}
            lines={preview.lists}
            shown={line}
            onLine={onLine}
            {...box}
          />
        )
      }
    </Sheet>
  )
}
