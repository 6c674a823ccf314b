import type { Schemas } from '@/api/client'
import { Code } from './Code'

/** An address that works once: read by a camera, or copied. It is shown this once. */
export function Handed({ handed, says }: { handed: Schemas['Handed']; says: string }) {
  return (
    <div role="status" className="mt-3 border border-ink bg-sheet p-3">
      <p className="font-bold">{says}</p>
      <p className="text-sm text-soft">Works once, until {handed.until}. Shown here only now.</p>
      <div className="mt-3 flex flex-wrap items-start gap-4">
        <Code text={handed.address} />
        <p className="min-w-0 grow basis-60 text-sm break-all select-all">{handed.address}</p>
      </div>
    </div>
  )
}
