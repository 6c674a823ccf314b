import type { Schemas } from '@/api/client'
import { EndGrain } from '@/drawings/EndGrain'
import { Sheet } from '@/parts/Sheet'

interface EndSheetProps {
  preview: Schemas['BlankPreview'] | undefined
  name: string
}

/** The end of the blank as it was measured. */
export function EndSheet({ preview, name }: EndSheetProps) {
  const of = (field: string) => preview?.figures[field]?.value ?? null
  const [widthMm, thicknessMm, ringDeg] = [of('width'), of('thickness'), of('ring')]
  const isKnown = widthMm !== null && thicknessMm !== null
  return (
    <Sheet
      title={`${name}, its end`}
      says={isKnown ? `Rings at ${ringDeg ?? 0}° to the face.` : 'Not measured yet.'}
      block={[
        ['Rings', ringDeg === null ? 'not looked at yet' : `${Math.round(ringDeg)}° to the face`],
        ['Drawn', 'to its own proportions'],
      ]}
      height={(width) => Math.max(160, Math.min(260, width * 0.35))}
    >
      {(box) =>
        isKnown ? (
          <EndGrain blank={{ widthMm, thicknessMm, ringDeg: ringDeg ?? 0 }} margin={44} apart={16} {...box} />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            It is drawn here once width and thickness are typed.
          </text>
        )
      }
    </Sheet>
  )
}
