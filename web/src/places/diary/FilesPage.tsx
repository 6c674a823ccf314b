import { Link } from 'react-router'
import type { Table } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { ImportFile } from '@/parts/import/ImportFile'

/** Out and in. */
const TABLES: readonly { what: Table; name: string; columns: string; says: string }[] = [
  {
    what: 'diary',
    name: 'The edges’ diary',
    columns: 'day, edge, what, minutes, wood, strokes, found, stone, angle, note',
    says: 'One line for each use, test, stropping, honing, grinding or measured angle.',
  },
  {
    what: 'rack',
    name: 'The rack',
    columns: 'name, medium, scale, designation, price, lasts',
    says: 'One line for each stone, paper, plate or strop.',
  },
  {
    what: 'kit',
    name: 'The kit and its prices',
    columns: 'kind, name, status, sizes, price',
    says: 'One line for each tool. Of one that hangs here already the price is taken.',
  },
  {
    what: 'climate',
    name: 'The air of the shop',
    columns: 'time, temperature, humidity',
    says: 'One line for each reading, as loggers write it.',
  },
]

/** Out alone: they are made of what is recorded here. */
const OUT = [
  { what: 'works', name: 'Works' },
  { what: 'references', name: 'References' },
  { what: 'tests', name: 'Tests of references' },
  { what: 'makings', name: 'What was made by a plan' },
] as const

/** Everything that is a table as CSV, out and in: seen before it is written, and undone like everything else. */
export function FilesPage() {
  return (
    <>
      <Heading
        title="Files"
        says="Plain CSV tables that any spreadsheet opens. What a file would bring is shown first, and can be undone."
      />
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-2">
        {TABLES.map((table) => (
          <section key={table.what} className="min-w-0" aria-label={table.name}>
            <h2 className="text-xl">{table.name}</h2>
            <p className="text-soft">{table.says}</p>
            <p className="my-1">
              <a href={`/api/files/${table.what}.csv`} className="underline underline-offset-4">
                Download as CSV
              </a>
            </p>
            <p className="text-sm text-soft">Columns: {table.columns}</p>
            <ImportFile what={table.what} />
          </section>
        ))}
      </div>
      <section aria-label="Out alone" className="mt-8">
        <h2 className="text-xl">Out alone</h2>
        <ul className="flex flex-wrap gap-x-6">
          {OUT.map((table) => (
            <li key={table.what}>
              <a
                href={`/api/files/${table.what}.csv`}
                className="inline-block min-h-8 underline underline-offset-4"
              >
                {table.name}
              </a>
            </li>
          ))}
        </ul>
      </section>
      <p className="mt-8 text-soft">
        Projection boards print as PDF and SVG from{' '}
        <Link to="/edges/guides" className="underline underline-offset-4">
          the guides
        </Link>
        .
      </p>
    </>
  )
}
