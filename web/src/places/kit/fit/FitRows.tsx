import clsx from 'clsx'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface FitRowsProps {
  rows: readonly Schemas['FitRow'][]
  shown: string | null
  onShow: (name: string) => void
}

/** Every tool at hand side by side, the best first; one of them is drawn above. */
export function FitRows({ rows, shown, onShow }: FitRowsProps) {
  if (rows.length === 0) return <p className="text-soft">The tools that could do it are compared here.</p>

  return (
    <section>
      <h2 className="mb-1 text-lg">Side by side</h2>
      <ul>
        {rows.map((row) => (
          <li key={row.name} className={clsx('border-t border-rule', row.name === shown && 'bg-wood')}>
            <div className="flex items-baseline gap-3 px-1 py-1.5">
              <span
                role="img"
                aria-label={row.good ? 'suits' : 'does not suit'}
                className={clsx('w-4', !row.good && 'font-bold text-red')}
              >
                {row.good ? '✓' : '×'}
              </span>
              <button
                type="button"
                data-read
                aria-pressed={row.name === shown}
                onClick={() => onShow(row.name)}
                className="grow text-left"
              >
                <strong className="underline decoration-rule underline-offset-4">{row.name}</strong>
                <span className="block text-sm text-soft">
                  {told(row.says)}
                  {row.model && <span className="block">By {row.model}.</span>}
                </span>
              </button>
              <span className="shrink-0 text-right font-slab text-lg font-semibold">{row.verdict}</span>
              {row.toolId !== null && (
                <Link
                  to={`/kit/tools/${row.toolId}`}
                  aria-label={`Page of the ${row.name}`}
                  className="shrink-0 text-sm underline underline-offset-4"
                >
                  page
                </Link>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}
