import clsx from 'clsx'
import { memo } from 'react'
import type { Schemas } from '@/api/client'

interface EyeDrawingProps {
  marks: readonly Schemas['EyeMark'][]
  pxPerMm: number
}

const FILLS: Readonly<Record<Schemas['EyeMark']['tone'], string>> = {
  ink: 'fill-ink',
  wood: 'fill-wood',
  steel: 'fill-steel',
  shade: 'fill-shade',
  iron: 'fill-iron',
  light: 'fill-light',
}

const HEIGHT = 340

/** What is looked at, at its true size on this screen: it is not made to fit. */
export const EyeDrawing = memo(function EyeDrawing({ marks, pxPerMm }: EyeDrawingProps) {
  return (
    <figure data-answer className="border border-rule p-1">
      <div className="overflow-hidden border border-ink bg-sheet">
        <svg role="img" aria-label="What is looked at" width="100%" height={HEIGHT} className="block">
          <svg x="50%" y={HEIGHT / 2} overflow="visible">
            <g transform={`scale(${pxPerMm})`}>
              {marks.map((mark, index) => (
                <polygon key={index} points={mark.points.join(' ')} className={clsx(FILLS[mark.tone])} />
              ))}
            </g>
          </svg>
        </svg>
      </div>
    </figure>
  )
})
