import { useState } from 'react'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { Writes } from '@/parts/Writes'

/** Blades, paper, compound, wax: what is left by what was done since it was bought. */
export function Stocks({ data }: { data: Schemas['Care'] }) {
  const [kind, setKind] = useState(data.kinds[0]?.value ?? '')
  const [amount, setAmount] = useState('')
  const add = useChange(
    () => answered(client.POST('/api/consumables', { body: { kind, amount } })),
    () => setAmount(''),
  )
  const again = useChange((key: string) =>
    answered(client.POST('/api/upkeep/{key}/done', { params: { path: { key } } })),
  )
  const remove = useChange((stock: Schemas['Stock']) =>
    answered(
      client.DELETE('/api/consumables/{consumable}', {
        params: { path: { consumable: stock.id } },
        body: { version: stock.version },
      }),
    ),
  )
  const refused = add.error instanceof Refused ? add.error.about('amount') : undefined
  const one = data.kinds.find((row) => row.value === kind)?.one ?? ''

  return (
    <section>
      <h2 className="text-lg">Used up</h2>
      {data.stocks.length === 0 && (
        <p className="text-soft">Blades, paper, compound: say what you bought, and it is counted down.</p>
      )}
      <ul>
        {data.stocks.map((stock) => (
          <li key={stock.id} className="border-t border-rule py-2">
            <p className="flex flex-wrap items-baseline justify-between gap-x-3">
              <span className={stock.isLow ? 'font-bold text-red' : 'font-bold'}>
                {stock.isLow && '○ low: '}
                {stock.label}
              </span>
              <span className="flex flex-wrap gap-x-4 text-sm">
                <Button writes onClick={() => again.mutate(stock.key)}>
                  Got as much again
                </Button>
                <Button writes onClick={() => remove.mutate(stock)}>
                  Stop counting
                </Button>
              </span>
            </p>
            <svg aria-hidden width="100%" height={8} className="my-1 block">
              <rect width="100%" height={8} className="fill-wood" />
              <rect width={`${Math.round(100 * stock.share)}%`} height={8} className="fill-ink" />
            </svg>
            <p className="text-sm text-soft">{stock.says}</p>
          </li>
        ))}
      </ul>
      <Writes>
        <form
          className="mt-4"
          onSubmit={(event) => {
            event.preventDefault()
            add.mutate(undefined)
          }}
        >
          <Choice label="Bought" value={kind} options={data.kinds} onChange={setKind} />
          <PlainField
            label={`How many, by the ${one}`}
            value={amount}
            placeholder="12"
            error={refused}
            onChange={setAmount}
          />
          <p className="mt-2">
            <Button writes type="submit" disabled={add.isPending}>
              Start counting
            </Button>
          </p>
          <Complaint problem={add.error ?? again.error ?? remove.error} besides={['amount']} />
        </form>
      </Writes>
    </section>
  )
}
