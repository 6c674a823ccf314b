import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

/** When it was done before, the latest first. */
export function Filings({ title, filings }: { title: string; filings: readonly Schemas['Filing'][] }) {
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">{title}</h2>
      {filings.length === 0 && <p className="text-soft">Not yet, as far as is written down here.</p>}
      <ul>
        {filings.map((filing) => (
          <li key={filing.id} className="border-t border-rule py-1">
            <span className="mr-3 text-soft">{filing.filedOn.slice(0, 10)}</span>
            {told(filing.says)}
          </li>
        ))}
      </ul>
    </section>
  )
}
