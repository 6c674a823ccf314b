import { Fragment } from 'react'
import { toldParts } from '@/parts/toldParts'

const PART = 0.72

/** A figure in the text of a drawing: inches in real fractions, the unit smaller. */
export function DrawnFigure({ text }: { text: string }) {
  return toldParts(text).map((part, index) => (
    <Fragment key={index}>
      {part.kind === 'words' && part.text}
      {part.kind === 'unit' && <tspan style={{ fontSize: '0.78em' }}>{part.text}</tspan>}
      {part.kind === 'fraction' && (
        <>
          {part.whole && `${part.whole}\u2009`}
          <tspan dy={`${-0.32 / PART}em`} style={{ fontSize: `${PART}em` }}>
            {part.above}
          </tspan>
          <tspan dy="0.32em">⁄</tspan>
          <tspan style={{ fontSize: `${PART}em` }}>{part.below}</tspan>
        </>
      )}
    </Fragment>
  ))
}
