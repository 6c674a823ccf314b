import { answered, client, reader, type Schemas } from '@/api/client'

type Event = Omit<Schemas['EventRequest'], 'version'>

/** What was recorded last and can be recorded once more: an entry of an edge, or the use of a tool. */
export type LastRecord =
  | { of: 'edge'; id: number; says: string; event: Event }
  | { of: 'tool'; id: number; says: string; work: number | null }

const KEY = 'last record'

export const remember = (record: LastRecord): void => sessionStorage.setItem(KEY, JSON.stringify(record))

/** The entry that an edge's diary answers with: the one that was just written stands first of its day. */
export function rememberEvent(log: Schemas['EdgeLog']): void {
  const written = log.entries.reduce<Schemas['EdgeEntry'] | null>(
    (latest, one) => ((one.written?.entry ?? 0) > (latest?.written?.entry ?? 0) ? one : latest),
    null,
  )
  if (written)
    remember({
      of: 'edge',
      id: log.edge.id,
      says: `${log.edge.name}: ${written.says}`,
      event: written.typed,
    })
}

export function lastRecord(): LastRecord | null {
  const kept = sessionStorage.getItem(KEY)
  return kept === null ? null : (JSON.parse(kept) as LastRecord)
}

const today = () => new Date().toISOString().slice(0, 10)

/** The same again, today. */
export async function recordAgain(record: LastRecord): Promise<unknown> {
  if (record.of === 'tool')
    return answered(
      client.POST('/api/tools/{tool}/used', {
        params: { path: { tool: record.id } },
        body: { day: today(), work: record.work },
      }),
    )
  const params = { path: { edge: record.id } }
  const { edge } = await answered(reader.GET('/api/edges/{edge}', { params }))
  return answered(
    client.POST('/api/edges/{edge}/events', {
      params,
      body: { ...record.event, day: today(), version: edge.version },
    }),
  )
}
