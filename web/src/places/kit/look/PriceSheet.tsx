import type { Schemas } from '@/api/client'
import { PlainField } from '@/parts/PlainField'
import type { Standing } from './useLook'
import { told } from '@/parts/told'

interface PriceSheetProps {
  page: Schemas['Look']
  standing: Standing
  onChange: (typed: Partial<Standing>) => void
}

/** The most to offer in large figures, and the arithmetic behind it. */
export function PriceSheet({ page, standing, onChange }: PriceSheetProps) {
  return (
    <section className="mt-4 border-t border-rule pt-3">
      <div className="flex items-baseline gap-4" data-testid="answer">
        <p className="shrink-0 font-slab text-4xl leading-none font-semibold whitespace-nowrap">
          {page.most}
        </p>
        <p className="text-soft">at most to offer; fair is {page.fair}, if the rest is sound.</p>
      </div>
      <PlainField
        label="Asked at the stall"
        value={standing.asked}
        placeholder="–"
        before="€"
        quantity="money"
        error={page.complaints.asked}
        onChange={(asked) => onChange({ asked })}
      />
      <details className="border-b border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer text-soft">How it adds up, and your own prices</summary>
        <table className="w-full text-sm">
          <tbody>
            {page.lines.map((line) => (
              <tr key={line.says} className="border-t border-rule">
                <td className="py-1">{told(line.says)}</td>
                <td className="py-1 text-right font-slab font-semibold whitespace-nowrap">{line.amount}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <PlainField
          label="A good one is worth to you"
          value={standing.good}
          before="€"
          quantity="money"
          error={page.complaints.good}
          onChange={(good) => onChange({ good })}
        />
        <PlainField
          label="An hour of yours"
          hint="what mending costs you"
          value={standing.perHour}
          before="€"
          quantity="money"
          error={page.complaints.perHour}
          onChange={(perHour) => onChange({ perHour })}
        />
      </details>
    </section>
  )
}
