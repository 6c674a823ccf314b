import { answered, client, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { ImportFile } from '@/parts/import/ImportFile'
import { useChange } from '@/parts/useChange'
import { useRemoved } from '@/parts/useRemoved'
import { told } from '@/parts/told'

/** The log of the air: what was imported, out as CSV, in as CSV. */
export function Log({ data }: { data: Schemas['Season'] }) {
  const remove = useChange(
    (stretch: Schemas['Stretch']) =>
      answered(
        client.DELETE('/api/season/stretches/{stretch}', {
          params: { path: { stretch: stretch.id } },
          body: { version: stretch.version },
        }),
      ),
    useRemoved('/true/season'),
  )
  return (
    <section className="mt-6 max-w-2xl" aria-label="The log">
      <h2 className="text-lg">The log of your air</h2>
      <p className="text-soft">
        A CSV file with time, temperature and humidity, as hygrometers keep it; the first line names the
        columns. °F is asked about. What a file would bring is shown first, and can be undone.
      </p>
      <ul>
        {data.stretches.map((stretch) => (
          <li key={stretch.id} className="flex flex-wrap justify-between gap-x-4 border-t border-rule py-1">
            {told(stretch.says)}
            <Button writes disabled={remove.isPending} onClick={() => remove.mutate(stretch)}>
              Remove these
            </Button>
          </li>
        ))}
      </ul>
      {data.count > 0 && (
        <p className="border-t border-rule pt-1">
          <a href="/api/files/climate.csv" className="underline underline-offset-4">
            Download the whole log as CSV
          </a>
        </p>
      )}
      <ImportFile what="climate" />
    </section>
  )
}
