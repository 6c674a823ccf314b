import type { Schemas } from '@/api/client'
import { GuideDrawing } from '@/drawings/GuideDrawing'
import { Sheet } from '@/parts/Sheet'
import { Toggle } from '@/parts/Toggle'

interface GuideSheetDrawingProps {
  preview: Schemas['GuidePreview'] | undefined
  at: number
  onAt: (at: number) => void
}

/** The guide on a stone, set to one of its stops. */
export function GuideSheetDrawing({ preview, at, onAt }: GuideSheetDrawingProps) {
  const stop = preview?.stops[at] ?? preview?.stops[0]
  const { rollerMm, setbackMm, dropMm } = preview ?? { rollerMm: null, setbackMm: null, dropMm: null }
  const known = stop && rollerMm !== null && setbackMm !== null && dropMm !== null
  return (
    <Sheet
      title="A blade in the guide, on a stone"
      says={preview?.stops.map((row) => `${row.angleDeg} degrees at ${row.text}`).join('; ') ?? ''}
      block={[
        ['Stands out', stop?.text ?? 'not known yet'],
        ['Angle', stop ? `${Math.round(stop.angleDeg * 10) / 10}°` : '–'],
      ]}
      height={(width) => Math.max(220, Math.min(340, width * 0.45))}
      controls={
        preview && preview.stops.length > 1 ? (
          <Toggle
            label="Set to"
            options={preview.stops.map((row, index) => ({
              value: String(index),
              label: `${Math.round(row.angleDeg * 10) / 10}°`,
            }))}
            value={String(preview.stops[at] ? at : 0)}
            onChoose={(value) => onAt(Number(value))}
          />
        ) : undefined
      }
    >
      {(box) =>
        known ? (
          <GuideDrawing
            guide={{ rollerMm, setbackMm, dropMm, angleDeg: stop.angleDeg, projectionMm: stop.projectionMm }}
            projection={stop.text}
            {...box}
          />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            The guide is drawn here once two settings and an angle are typed.
          </text>
        )
      }
    </Sheet>
  )
}
