import type { Schemas } from '@/api/client'

/** What is set to what, in the order it is used. */
export function Settings({ settings }: { settings: readonly Schemas['ToolSetting'][] }) {
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
            <span className="shrink-0 font-slab text-xl font-semibold">{one.to}</span>
          </li>
        ))}
      </ol>
    </section>
  )
}

/** Several ways beside each other; the one that is set out, or that is the school's own, is marked. */
export function Ways({ title, rows }: { title: string; rows: readonly Schemas['SetOutRow'][] }) {
  if (rows.length < 2) return null
  return (
    <section>
      <h2 className="text-lg">{title}</h2>
      <ul>
        {rows.map((row) => (
          <li
            key={row.name}
            aria-current={row.isTaken || undefined}
            className={`border-t border-rule py-1.5 pl-2 ${row.isTaken ? 'border-l-4 border-l-ink' : ''}`}
          >
            <span className="font-bold">{row.name}</span>: {row.verdict}
            <span className="block text-sm text-soft">{row.says}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
