import { Link } from 'react-router'
import type { Table } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { EdgesNav } from '@/places/edges/EdgesNav'
import { ImportFile } from '@/parts/import/ImportFile'

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
]

/** Diary and rack as CSV, out and in: seen before it is written, and undone like everything else. */
export function FilesPage() {
  return (
    <>
      <Heading
        title="Files"
        says="Plain CSV tables that any spreadsheet opens. What a file would bring is shown first, and can be undone."
      />
      <EdgesNav />
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
