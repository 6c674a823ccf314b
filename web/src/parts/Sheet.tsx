import { type ReactNode, useCallback, useId, useState } from 'react'

import { paperScale, toldScale } from './paperScale'
import { told } from './told'
import { usePrinting } from './usePrinting'

/** What a sheet’s drawing is wide on paper, px: it fits between the margins of A4 and of Letter. */
const ON_PAPER = 660

type Block = readonly (readonly [string, string])[]

interface Box {
  width: number
  height: number
}

interface ScaledBox extends Box {
  /** px a mm, where the sheet was told what fits; else 0. */
  scale: number
}

interface SheetProps {
  /** What is drawn, in words: the text equivalent of the drawing. */
  title: string
  says: string
  /** The title block: what each cell is called and says. */
  block: Block | ((box: Box) => Block)
  /** Height for a width, in pixels. */
  height: (width: number) => number
  /** The largest scale that fits, px a mm: on paper the next usual one below it is taken, and said. */
  fits?: (box: Box) => number
  children: (box: ScaledBox) => ReactNode
  controls?: ReactNode
}

/** A drawing sheet: border, title block, and a drawing made for the sheet's own width. */
export function Sheet({ title, says, block, height, fits, children, controls }: SheetProps) {
  const [frame, measured] = useWidth()
  const printing = usePrinting()
  const width = printing ? ON_PAPER : measured
  const id = useId()
  const box = { width, height: height(width) }
  const fitting = width > 0 && fits ? fits(box) : 0
  const scale = printing && fitting > 0 ? paperScale(fitting) : fitting
  const cells = typeof block === 'function' ? block(box) : block

  return (
    <figure data-answer className="border border-rule p-1">
      <div className="border border-ink bg-sheet">
        <div ref={frame}>
          {width > 0 && (
            <svg
              role="img"
              aria-labelledby={`${id}-t ${id}-d`}
              width={box.width}
              height={box.height}
              viewBox={`0 0 ${box.width} ${box.height}`}
              className="block"
            >
              <title id={`${id}-t`}>{title}</title>
              <desc id={`${id}-d`}>{says}</desc>
              {children({ ...box, scale })}
            </svg>
          )}
        </div>
        <figcaption className="flex flex-wrap justify-between border-t border-ink text-sm">
          <dl className="flex flex-wrap">
            {[...cells, ...(printing && scale > 0 ? [['Scale', toldScale(scale)] as const] : [])].map(
              ([name, value]) => (
                <div key={name} className="border-ink px-3 py-1.5 md:border-r">
                  <dt className="text-xs text-soft">{name}</dt>
                  <dd>{told(value)}</dd>
                </div>
              ),
            )}
          </dl>
          {controls && <div className="px-2 py-1.5">{controls}</div>}
        </figcaption>
      </div>
    </figure>
  )
}

/** The width is known before the first picture: a drawing that came a moment later would push the page down. */
function useWidth(): [(element: HTMLElement | null) => (() => void) | undefined, number] {
  const [width, setWidth] = useState(0)
  const frame = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined
    setWidth(Math.floor(element.getBoundingClientRect().width))
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [frame, width]
}
