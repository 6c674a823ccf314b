import clsx from 'clsx'
import type { Schemas } from '@/api/client'

interface ToolOutlineProps {
  outline: Schemas['ToolOutline']
  /** Pixels for a millimetre. */
  scale: number
  wanted?: boolean
  marked?: boolean
}

/** A tool in its own outline, small: solid where it is owned, dashed where it is wanted. */
export function ToolOutline({ outline, scale, wanted = false, marked = false }: ToolOutlineProps) {
  const [width, height] = [outline.widthMm * scale + 4, outline.heightMm * scale + 4]

  return (
    <svg
      aria-hidden
      width={width}
      height={height}
      viewBox={`${-2 / scale} ${-2 / scale} ${width / scale} ${height / scale}`}
    >
      <OutlinePaths outline={outline} wanted={wanted} marked={marked} />
    </svg>
  )
}

interface OutlinePathsProps {
  outline: Schemas['ToolOutline']
  wanted: boolean
  marked: boolean
}

/** Bodies and details in millimetres; lines keep their weight at any scale. */
export function OutlinePaths({ outline, wanted, marked }: OutlinePathsProps) {
  return (
    <>
      {outline.bodies.map((body, index) => (
        <path
          key={index}
          d={body}
          fillRule="evenodd"
          vectorEffect="non-scaling-stroke"
          className={clsx(
            wanted ? 'fill-none' : 'fill-steel',
            marked ? 'stroke-blue' : wanted ? 'stroke-soft' : 'stroke-ink',
          )}
          strokeWidth={marked ? 2 : 1.25}
          strokeDasharray={wanted ? '4 3' : undefined}
        />
      ))}
      {outline.details.map((detail, index) => (
        <path
          key={index}
          d={detail}
          vectorEffect="non-scaling-stroke"
          className={clsx('fill-none', wanted ? 'stroke-soft' : 'stroke-ink')}
          strokeWidth={1}
        />
      ))}
    </>
  )
}
