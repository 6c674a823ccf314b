import type { Schemas } from '@/api/client'

const YEARS = ['a year', '5 years', '10 years']

/** What sharpening costs by medium, so that cheap and dear can be compared over years. */
export function RackCosts({ rack }: { rack: Schemas['Rack'] }) {
  if (rack.costs.length === 0) return null
  return (
    <section className="mt-6">
      <h2 className="text-lg">What it costs</h2>
      <p className="text-sm text-soft">
        At {rack.edgesPerYear} edges a year, as lately here. From the prices you typed and how long each
        lasts.
      </p>
      <div className="strip overflow-x-auto" role="region" aria-label="What it costs" tabIndex={0}>
        <table className="mt-1 w-full">
          <thead className="text-left text-sm text-soft">
            <tr>
              <th scope="col" className="font-normal">
                all of it
              </th>
              <th scope="col" className="text-right font-normal">
                an edge
              </th>
              {YEARS.map((years) => (
                <th key={years} scope="col" className="text-right font-normal">
                  {years}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rack.costs.map((row) => (
              <tr key={row.medium} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {row.medium}
                </th>
                <td className="text-right">€ {row.perEdge}</td>
                {row.after.map((sum, index) => (
                  <td key={YEARS[index]} className="pl-2 text-right whitespace-nowrap">
                    {sum}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
