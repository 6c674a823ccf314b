import { memo } from 'react'
import type { Schemas } from '@/api/client'
import { Figures, told } from '@/parts/told'

/** What is set to what, in the order it is used. */
export const Settings = memo(function Settings({
  settings,
}: {
  settings: readonly Schemas['ToolSetting'][]
}) {
  if (settings.length === 0) return null
  return (
    <section>
      <h2 className="text-lg">Set</h2>
      <ol>
        {settings.map((one, index) => (
          <li
            key={`${one.tool} ${one.for} ${index}`}
            className="flex items-baseline justify-between gap-4 border-t border-rule py-1.5"
          >
            <span>
              <span className="font-bold">{one.tool}</span>
              <span className="text-soft">, {one.for}</span>
            </span>
            <span className="shrink-0 font-slab text-xl font-semibold">
              <Figures text={one.to} />
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
})

/** Several ways beside each other; the one that is set out, or that is the school's own, is marked. */
export const Ways = memo(function Ways({
  title,
  rows,
}: {
  title: string
  rows: readonly Schemas['SetOutRow'][]
}) {
  if (rows.length < 2) return null
  return (
    <section>
      <h2 className="text-lg">{title}</h2>
      <ul>
        {rows.map((row) => (
          <li
            key={row.name}
            aria-current={row.isTaken || undefined}
            className={`flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-rule py-1.5 pl-2 ${
              row.isTaken ? 'border-l-4 border-l-ink' : ''
            }`}
          >
            <span className="min-w-56 flex-1">
              <span className="font-bold">{row.name}</span>: {told(row.verdict)}
              <span className="block text-sm text-soft">{told(row.says)}</span>
            </span>
            {row.sketch && <Sketch sketch={row.sketch} />}
          </li>
        ))}
      </ul>
    </section>
  )
})

/** All of one page to one scale: their boards are as wide. */
function Sketch({ sketch }: { sketch: Schemas['SetOutSketch'] }) {
  return (
    <svg
      viewBox={`-1 -1 ${sketch.widthMm + 2} ${sketch.heightMm + 2}`}
      className="h-12 w-56 shrink-0 max-sm:w-full"
      aria-hidden
    >
      <path
        d={sketch.outline}
        className="fill-wood stroke-ink"
        strokeWidth={1.2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  )
}
