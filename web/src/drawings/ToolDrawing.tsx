import type { Schemas } from '@/api/client'
import { Dimension } from './Dimension'
import { OutlinePaths } from './ToolOutline'
import { standOff } from './toolLayout'

interface ToolDrawingProps {
  outline: Schemas['ToolOutline']
  /** What a dimension reads, by name. */
  labels: Readonly<Record<string, string>>
  wanted: boolean
  width: number
  height: number
  /** px a mm */
  scale: number
}

const MARGIN = 64
/** Nothing is drawn larger, px a mm. */
const LARGEST = 3

/** The largest scale at which a tool and its dimensions fit, px a mm. */
export const toolFits = (
  outline: Pick<Schemas['ToolOutline'], 'widthMm' | 'heightMm'>,
  { width, height }: { width: number; height: number },
): number =>
  Math.min((width - 2 * MARGIN) / outline.widthMm, (height - 2 * MARGIN) / outline.heightMm, LARGEST)

/** A tool from its own dimensions, with those that can be measured on its outline written on it. */
export function ToolDrawing({ outline, labels, wanted, width, height, scale }: ToolDrawingProps) {
  const left = (width - outline.widthMm * scale) / 2
  const top = (height - outline.heightMm * scale) / 2 - 8
  const at = (point: { x: number; y: number }) => ({ x: left + point.x * scale, y: top + point.y * scale })

  return (
    <g>
      <g transform={`translate(${left} ${top}) scale(${scale})`}>
        <OutlinePaths outline={outline} wanted={wanted} marked={false} />
      </g>
      {outline.marks.map((mark) => {
        const { from, to } = standOff(at(mark.from), at(mark.to), width / 2)
        return labels[mark.name] ? (
          <Dimension key={mark.name} from={from} to={to} text={labels[mark.name] ?? ''} />
        ) : null
      })}
    </g>
  )
}
