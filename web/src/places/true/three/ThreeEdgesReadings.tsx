import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import { TestFields } from '@/places/true/TestFields'

type Values = Schemas['ThreeEdgesFormRequest']
type Column = keyof Schemas['ThreeEdgesRow']

interface ThreeEdgesReadingsProps {
  page: Schemas['ThreeEdgesPage']
  values: Values
  preview: Schemas['ThreeEdgesPreview']
  /** Null while there is nothing to record. */
  onRecord: (() => void) | null
  onChange: (values: Partial<Values>) => void
}

const MOST_ROWS = 21
const COLUMNS: readonly { name: Column; head: string }[] = [
  { name: 'at', head: 'place, from the left' },
  { name: 'ab', head: '1st on 2nd' },
  { name: 'bc', head: '2nd on 3rd' },
  { name: 'ca', head: '3rd on 1st' },
  { name: 'abTurned', head: '1st on 2nd turned end for end' },
]
const NOTHING: Schemas['ThreeEdgesRow'] = { at: '', ab: '', bc: '', ca: '', abTurned: '' }

/** A table of gaps: a row for each place, a column for each pair; the last is read only to be sure. */
export function ThreeEdgesReadings({ page, values, preview, onRecord, onChange }: ThreeEdgesReadingsProps) {
  const { rows } = values
  const step = page.instruments.find((one) => one.value === values.instrument)?.resolutionMm ?? 0.05
  const change = (at: number, column: Column, typed: string) =>
    onChange({ rows: rows.map((row, index) => (index === at ? { ...row, [column]: typed } : row)) })
  return (
    <Readings title="Gaps, pair by pair" onRecord={onRecord}>
      {/* What scrolls sideways must be reachable with the keys. */}
      <div
        className="strip relative overflow-x-auto"
        role="region"
        aria-label="Gaps at each place"
        tabIndex={0}
      >
        <table>
          <thead className="text-right text-sm text-soft">
            <tr>
              {COLUMNS.map((column) => (
                <th key={column.name} scope="col" className="max-w-28 px-2 font-normal">
                  {column.head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, index) => (
              <tr key={index}>
                {COLUMNS.map(({ name, head }) => (
                  <td key={name} className="max-w-40 px-2 py-0.5 align-top">
                    <ReadingField
                      bare
                      label={`${head}, place ${index + 1}`}
                      value={row[name]}
                      reading={preview.rows[index]?.[name]}
                      stepMm={name === 'at' ? 5 : step}
                      onChange={(typed) => change(index, name, typed)}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="flex gap-5 border-b border-rule text-sm">
        {rows.length < MOST_ROWS && (
          <Button onClick={() => onChange({ rows: [...rows, NOTHING] })}>one place more</Button>
        )}
        {rows.length > 3 && (
          <Button onClick={() => onChange({ rows: rows.slice(0, -1) })}>one place fewer</Button>
        )}
      </p>
      {page.straightedges.length > 0 && (
        <WhichEdges
          straightedges={page.straightedges}
          chosen={values.references}
          onChange={(references) => onChange({ references })}
        />
      )}
      <TestFields
        instruments={page.instruments}
        values={values}
        readings={preview.readings}
        onChange={onChange}
      />
    </Readings>
  )
}

const EDGES = ['First edge', 'Second edge', 'Third edge'] as const

interface WhichEdgesProps {
  straightedges: readonly Schemas['Named'][]
  /** By place; 0 is none of them. */
  chosen: readonly number[]
  onChange: (chosen: number[]) => void
}

/** Which straightedge on the list each edge is: its test then stands in its history. */
function WhichEdges({ straightedges, chosen, onChange }: WhichEdgesProps) {
  const options = [
    { value: '0', label: 'not on my list' },
    ...straightedges.map((one) => ({ value: String(one.id), label: one.name })),
  ]
  return EDGES.map((label, place) => (
    <Choice
      key={label}
      label={label}
      hint={place === 0 ? 'say which it is, and the test stands in its history' : undefined}
      value={String(chosen[place] ?? 0)}
      options={options}
      onChange={(id) => onChange(EDGES.map((_, at) => (at === place ? Number(id) : (chosen[at] ?? 0))))}
    />
  ))
}
