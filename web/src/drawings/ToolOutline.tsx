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

/** See Materials; steel is plain. */
export const fillOf = (of: Schemas['OutlineBody']['of']): string => (of ? `url(#${of})` : 'var(--steel)')

interface ToolWithinProps {
  outline: Schemas['ToolOutline']
  width: number
  height: number
  /** Nothing is drawn larger, px a mm: small tools stay small beside others. */
  most?: number
}

/** A tool as large as fits, px. */
export function ToolWithin({ outline, width, height, most = Infinity }: ToolWithinProps) {
  return (
    <ToolOutline
      outline={outline}
      scale={Math.min(width / outline.widthMm, height / outline.heightMm, most)}
    />
  )
}

/** A tool in a frame of its own, px. */
export function SmallTool({
  outline,
  width,
  height,
}: {
  outline: Schemas['ToolOutline'] | undefined
  width: number
  height: number
}) {
  return (
    <span
      className="flex shrink-0 items-center justify-center border border-rule bg-sheet"
      style={{ width, height }}
    >
      {outline && <ToolWithin outline={outline} width={width - 12} height={height - 12} />}
    </span>
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
          d={body.path}
          fillRule="evenodd"
          vectorEffect="non-scaling-stroke"
          fill={wanted ? 'var(--sheet)' : fillOf(body.of)}
          className={marked ? 'stroke-blue' : wanted ? 'stroke-soft' : 'stroke-ink'}
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
      {outline.edges.map((edge, index) => (
        <path
          key={index}
          d={edge}
          vectorEffect="non-scaling-stroke"
          className={clsx('fill-none', wanted ? 'stroke-soft' : 'stroke-ink')}
          strokeWidth={wanted ? 1.5 : 2.25}
        />
      ))}
    </>
  )
}
