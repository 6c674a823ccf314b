import { useQuery } from '@tanstack/react-query'
import { pulse } from '@/api/queries'
import { asDate } from '@/parts/dates'
import { usePrinting } from '@/parts/usePrinting'

/** What a printed page has at its foot: whose it is, what it is, of which day, and a line to check the printer by. */
export function OnPaper() {
  const printing = usePrinting()
  const bench = useQuery(pulse()).data?.bench
  if (!printing) return null
  const cells = [
    ['Bench', bench ?? ''],
    ['Sheet', document.title.replace(/ – Jack Rest$/, '')],
    ['Printed', asDate(new Date().toISOString())],
  ] as const
  return (
    <div
      className="mt-6 flex items-end justify-between gap-6 border-2 border-ink text-sm"
      data-testid="on-paper"
    >
      <dl className="flex">
        {cells.map(([name, value]) => (
          <div key={name} className="border-r border-ink px-3 py-1.5">
            <dt className="text-xs text-soft">{name}</dt>
            <dd className="font-bold">{value}</dd>
          </div>
        ))}
      </dl>
      <div className="shrink-0 px-3 py-1.5">
        <div
          className="h-2 border-x-2 border-b-2 border-ink"
          style={{ width: '100mm', boxSizing: 'border-box' }}
        />
        <p className="text-xs">100 mm, if it was printed at 100 %: measure it first.</p>
      </div>
    </div>
  )
}
