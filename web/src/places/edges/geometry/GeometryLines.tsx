import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface GeometryLinesProps {
  lines: readonly Schemas['GeometryLine'][]
  warnings: readonly string[]
}

/** What the figures make together, one line each, in the words of the trade. */
export function GeometryLines({ lines, warnings }: GeometryLinesProps) {
  return (
    <section>
      <h2 className="mb-1 text-lg">What that makes</h2>
      {warnings.map((warning) => (
        <p key={warning} className="mb-2 border-l-4 border-amber pl-3 text-amber">
          {warning}
        </p>
      ))}
      <dl>
        {lines.map((line) => (
          <div
            key={line.label}
            className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-t border-rule py-1.5"
          >
            <dt className="font-bold">{line.label}</dt>
            <dd className="text-right font-slab text-lg font-semibold">{line.text}</dd>
            <dd className="text-sm text-soft">{told(line.says)}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
