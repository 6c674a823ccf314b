import type { Schemas } from '@/api/client'
import { Rings } from './Rings'

interface EndGrainProps {
  blank: Pick<Schemas['ListedBlank'], 'ringDeg' | 'widthMm' | 'thicknessMm'>
  width: number
  height: number
  /** Room about it, and how far its rings stand apart. */
  margin?: number
  apart?: number
}

/** The end of a blank, to its own proportions, with its rings. */
export function EndGrain({ blank, width, height, margin = 3, apart = 6 }: EndGrainProps) {
  const scale = Math.min((width - 2 * margin) / blank.widthMm, (height - 2 * margin) / blank.thicknessMm)
  const [wide, thick] = [blank.widthMm * scale, Math.max(4, blank.thicknessMm * scale)]
  const [left, top] = [(width - wide) / 2, (height - thick) / 2]
  return (
    <svg width={width} height={height} aria-hidden className="shrink-0">
      <rect x={left} y={top} width={wide} height={thick} className="fill-wood stroke-ink" />
      <Rings left={left} top={top} wide={wide} thick={thick} ringDeg={blank.ringDeg} apart={apart} />
    </svg>
  )
}
