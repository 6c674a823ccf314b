import { useQuery } from '@tanstack/react-query'
import { alternatives } from '@/api/queries'
import { told } from '@/parts/told'

/** What another choice would cost, and the price at which a tool left out would come in. */
export function Alternatives() {
  const { data } = useQuery(alternatives())
  if (!data) return null

  return (
    <section className="mt-5">
      <h2 className="text-lg">Otherwise</h2>
      {data.nextBest && <p className="border-t border-rule py-1.5">{data.nextBest}</p>}
      <ul>
        {data.worth.map((row) => (
          <li key={row.offer} className="flex gap-3 border-t border-rule py-1.5">
            <span className="grow">
              <strong>{row.name}</strong> <span className="block text-sm text-soft">{told(row.says)}</span>
            </span>
            <span className="shrink-0 text-soft">{row.price}</span>
          </li>
        ))}
      </ul>
      <details className="border-t border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer">Why each tool of the plan</summary>
        <ul>
          {data.purchases.map((row) => (
            <li key={row.offer} className="border-t border-rule py-1.5 text-sm">
              <strong>{row.name}</strong> <span className="text-soft">{told(row.says)}</span>
            </li>
          ))}
        </ul>
      </details>
    </section>
  )
}
