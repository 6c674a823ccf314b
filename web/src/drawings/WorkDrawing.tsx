import { BoxDrawing, boxFits } from './BoxDrawing'
import { Dimension } from './Dimension'
import { workShapes } from './workShapes'

export interface WorkDrawingProps {
  sizeMm: Readonly<Record<string, number>>
  /** What a dimension reads, by name. */
  labels: Readonly<Record<string, string>>
  width: number
  height: number
  /** px a mm; none: as large as fits. */
  scale?: number
  /** Without margins and words, for a list. */
  bare?: boolean
}

/** A work from its own dimensions, in one plain view. */
export function WorkDrawing({ form, ...props }: WorkDrawingProps & { form: string }) {
  if (form === 'box') return <BoxDrawing {...props} />
  return <PlainDrawing form={form} {...props} />
}

const MARGIN = 60
const BARE_MARGIN = 10

const shapeOf = (form: string, sizeMm: Readonly<Record<string, number>>) =>
  (workShapes[form] ?? workShapes.own)?.((name, usual) => sizeMm[name] ?? usual)

/** The largest scale at which a work and its dimensions fit, px a mm. */
export function workFits(
  form: string,
  sizeMm: Readonly<Record<string, number>>,
  { width, height }: { width: number; height: number },
  bare = false,
): number {
  if (form === 'box') return boxFits(sizeMm, { width, height }, bare)
  const shape = shapeOf(form, sizeMm)
  const margin = bare ? BARE_MARGIN : MARGIN
  return shape ? Math.min((width - 2 * margin) / shape.width, (height - 2 * margin) / shape.height) : 0
}

function PlainDrawing({
  form,
  sizeMm,
  labels,
  width,
  height,
  bare = false,
  scale = workFits(form, sizeMm, { width, height }, bare),
}: WorkDrawingProps & { form: string }) {
  const shape = shapeOf(form, sizeMm)
  if (!shape) return null
  const left = (width - shape.width * scale) / 2 + (bare ? 0 : 14)
  const top = (height - shape.height * scale) / 2 - (bare ? 0 : 10)

  return (
    <g>
      <g transform={`translate(${left} ${top}) scale(${scale})`}>
        {shape.bodies.map((body, index) => (
          <path
            key={index}
            d={body}
            fillRule="evenodd"
            vectorEffect="non-scaling-stroke"
            className="fill-wood stroke-ink"
            strokeWidth={1.25}
          />
        ))}
        {shape.details.map((detail, index) => (
          <path
            key={index}
            d={detail}
            vectorEffect="non-scaling-stroke"
            className="fill-none stroke-ink"
            strokeWidth={1}
            strokeDasharray="6 4"
          />
        ))}
      </g>
      {shape.along && labels[shape.along] && (
        <Dimension
          from={{ x: left, y: top + shape.height * scale + 30 }}
          to={{ x: left + shape.width * scale, y: top + shape.height * scale + 30 }}
          text={labels[shape.along] ?? ''}
          offset={6}
        />
      )}
      {shape.up && labels[shape.up] && (
        <Dimension
          from={{ x: left - 24, y: top }}
          to={{ x: left - 24, y: top + shape.height * scale }}
          text={labels[shape.up] ?? ''}
        />
      )}
      {!bare && (
        <text x={width / 2} y={22} textAnchor="middle" className="fill-soft">
          {shape.says}
        </text>
      )}
    </g>
  )
}
