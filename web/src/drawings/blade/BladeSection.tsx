import { useId } from 'react'
import { Dimension } from '@/drawings/Dimension'
import { degrees, path, type Point, radians } from '@/drawings/geometry'
import { Hatch } from '@/drawings/Hatch'
import { bladeLengthMm, bladeOutline, type DrawnBlade, groundChord, honedAway } from './bladeLayout'

interface BladeSectionProps {
  blade: DrawnBlade
  width: number
  height: number
}

const MARGIN = { left: 46, right: 20, top: 30, bottom: 46 }

/** Pixels in a mm at which the whole bevel fills the sheet. */
export function sectionScale(blade: DrawnBlade, width: number, height: number): number {
  return Math.min(
    (width - MARGIN.left - MARGIN.right) / bladeLengthMm(blade),
    (height - MARGIN.top - MARGIN.bottom) / blade.thicknessMm,
  )
}

/** A section at the edge: bevel, secondary bevel, hollow, back bevel, and what was honed away so far. */
export function BladeSection({ blade, width, height }: BladeSectionProps) {
  const id = useId()
  const scale = sectionScale(blade, width, height)
  const at = ({ x, y }: Point): Point => ({
    x: MARGIN.left + x * scale,
    y: height - MARGIN.bottom - y * scale,
  })
  const lengthMm = (width - MARGIN.left - MARGIN.right) / scale
  const chord = groundChord(blade)
  const outline = bladeOutline(blade, lengthMm)
  const away = honedAway(blade)

  return (
    <g>
      <defs>
        <Hatch id={`${id}-hatch`} />
      </defs>
      {away.length > 0 && (
        <path
          d={path(away.map(at))}
          fill={`url(#${id}-hatch)`}
          className="stroke-blue"
          strokeDasharray="4 3"
        />
      )}
      <path d={path(outline.map(at))} className="fill-steel stroke-ink" strokeWidth={1.5} />
      {blade.wheelMm !== null && (
        <path d={path(chord.map(at), false)} className="fill-none stroke-soft" strokeDasharray="5 4" />
      )}
      <Angles blade={blade} edge={at({ x: 0, y: 0 })} width={width} />
      <Dimension
        from={at({ x: lengthMm * 0.97, y: blade.thicknessMm })}
        to={at({ x: lengthMm * 0.97, y: 0 })}
        text={blade.thickness}
      />
      <Notes blade={blade} at={at} width={width} />
      <text x={width - MARGIN.right} y={height - 14} textAnchor="end" className="fill-soft">
        back
      </text>
    </g>
  )
}

function Angles({ blade, edge, width }: { blade: DrawnBlade; edge: Point; width: number }) {
  const steeper = blade.secondaryDeg > blade.primaryDeg
  const radius = Math.min(170, width * 0.26)
  return (
    <>
      {!narrow(width) && (
        <Arc
          at={edge}
          deg={blade.primaryDeg}
          radius={radius * 1.5}
          text={`${degrees(blade.primaryDeg)} ground`}
        />
      )}
      {steeper && (
        <Arc
          at={edge}
          deg={blade.secondaryDeg}
          radius={radius * 0.7}
          text={`${degrees(blade.secondaryDeg)} honed`}
        />
      )}
    </>
  )
}

function Arc({ at, deg, radius, text }: { at: Point; deg: number; radius: number; text: string }) {
  const turn = radians(deg)
  const end = { x: at.x + radius * Math.cos(turn), y: at.y - radius * Math.sin(turn) }
  return (
    <g>
      <path
        d={`M${at.x + radius} ${at.y} A${radius} ${radius} 0 0 0 ${end.x} ${end.y}`}
        className="fill-none stroke-ink"
      />
      <text x={at.x + radius + 7} y={at.y - 10} className="figure halo" style={{ stroke: 'var(--steel)' }}>
        {text}
      </text>
    </g>
  )
}

function Notes({ blade, at, width }: { blade: DrawnBlade; at: (point: Point) => Point; width: number }) {
  const [, heel] = groundChord(blade)
  const middle = at({ x: heel.x * 0.5, y: heel.y * 0.5 })
  const below = at({ x: 0, y: 0 }).y + 30
  return (
    <g>
      {blade.hollowMm > 0 && (
        <text x={middle.x - 14} y={middle.y - 8} textAnchor="end">
          hollow <tspan fontWeight={700}>{blade.hollow}</tspan>
        </text>
      )}
      {blade.microWidthMm > 0 && (
        <text x={at({ x: 0, y: 0 }).x - 30} y={below}>
          {narrow(width) && `${degrees(blade.primaryDeg)} ground, `}secondary bevel{' '}
          <tspan fontWeight={700}>{blade.microWidth}</tspan>
          {blade.backBevelDeg > 0 && (
            <>, back bevel {degrees(blade.backBevelDeg)} (its width is not measured)</>
          )}
        </text>
      )}
    </g>
  )
}

/** Two angles side by side need room. */
const narrow = (width: number) => width < 480
