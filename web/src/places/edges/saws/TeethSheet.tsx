import type { Schemas } from '@/api/client'
import { SawTeethDrawing } from '@/drawings/SawTeethDrawing'
import { Lines } from '@/parts/Lines'
import { Sheet } from '@/parts/Sheet'

interface TeethSheetProps {
  name: string
  preview: Schemas['SawPreview'] | undefined
}

/** The teeth drawn from their numbers, and what each number does. */
export function TeethSheet({ name, preview }: TeethSheetProps) {
  const drawn = preview?.drawn
  return (
    <>
      <Sheet
        title={`Teeth of the ${name}`}
        says={preview?.effects.join(' ') ?? ''}
        block={
          drawn
            ? [
                ['Pitch', drawn.pitch],
                ['Height', drawn.height],
                ['Cut', drawn.kerf ?? 'plate not measured'],
              ]
            : []
        }
        height={(width) => Math.max(190, Math.min(300, width * 0.36))}
      >
        {(box) =>
          drawn ? (
            <SawTeethDrawing drawn={drawn} {...box} />
          ) : (
            <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
              The teeth are drawn here once they are counted.
            </text>
          )
        }
      </Sheet>
      <div className="mt-3">
        <Lines lines={preview?.effects} />
      </div>
      <dl className="mt-3">
        {preview?.lines.map((line) => (
          <div
            key={`${line.label} ${line.text}`}
            className="flex flex-wrap gap-x-3 border-b border-rule py-1"
          >
            <dt className="w-40 text-soft">{line.label}</dt>
            <dd className="min-w-0 grow basis-60">{line.text}</dd>
          </div>
        ))}
      </dl>
    </>
  )
}
