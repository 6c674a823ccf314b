import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'
import { pageOf } from '@/shell/pages'
import { told } from '@/parts/told'

/** What keeps the kit well and holds up no work: one tap each. */
export function SmallLines({ upkeep }: { upkeep: readonly Schemas['Upkeep'][] }) {
  const done = useChange((key: string) =>
    answered(client.POST('/api/upkeep/{key}/done', { params: { path: { key } } })),
  )
  if (upkeep.length === 0) return null
  return (
    <section className="mt-5 border-t border-rule pt-2">
      <h2 className="text-lg">When there is a minute</h2>
      <ul>
        {upkeep.map((line) => (
          <li key={line.key} className="flex items-baseline gap-3 border-t border-rule py-1.5">
            <Link to={pageOf(line.about)} className="min-w-0 grow hover:bg-wood">
              <span className="block underline decoration-rule underline-offset-4">{told(line.says)}</span>
              <span className="block text-sm text-soft">{told(line.why)}</span>
            </Link>
            {line.minutes !== null && <span className="shrink-0 text-sm">{line.minutes} min</span>}
            {line.does !== null && (
              <Button writes disabled={done.isPending} onClick={() => done.mutate(line.key)}>
                {line.does}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Complaint problem={done.error} besides={[]} />
    </section>
  )
}
