import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'

type Values = Schemas['WindingFormRequest']

interface WindingReadingsProps {
  values: Values
  preview: Schemas['WindingPreview']
  /** Null while there is nothing to record. */
  onRecord: (() => void) | null
  onChange: Changed
}

const MOST_ROWS = 12

type Changed = (values: Partial<Values>) => void

/** A field of the sheet by its name. */
export const fieldOf = (values: Values, preview: Schemas['WindingPreview'], onChange: Changed) =>
  function field(name: Exclude<keyof Values, 'rows' | 'board'>, label: string, hint: string, stepMm: number) {
    return (
      <ReadingField
        label={label}
        hint={hint}
        value={values[name]}
        reading={preview.readings[name]}
        stepMm={stepMm}
        onChange={(typed) => onChange({ [name]: typed })}
      />
    )
  }

/** The far stick at each place, and the board's width. */
export function WindingReadings({ values, preview, onRecord, onChange }: WindingReadingsProps) {
  const { rows } = values
  const change = (at: number, typed: Partial<Schemas['WindingRow']>) =>
    onChange({ rows: rows.map((row, index) => (index === at ? { ...row, ...typed } : row)) })
  const field = fieldOf(values, preview, onChange)
  return (
    <Readings onRecord={onRecord}>
      <div className="border-b border-rule py-1.5">
        <div className="flex justify-between text-sm text-soft">
          <span>far stick laid at</span>
          <span>its right end higher by</span>
        </div>
        {rows.map((row, index) => (
          <div key={index} className="flex items-start justify-between gap-4 py-0.5">
            <ReadingField
              bare
              label={`Far stick at, place ${index + 1}`}
              value={row.at}
              reading={preview.rows[index]?.at}
              stepMm={10}
              onChange={(at) => change(index, { at })}
            />
            <ReadingField
              bare
              label={`Right end higher by, place ${index + 1}`}
              value={row.reading}
              reading={preview.rows[index]?.reading}
              stepMm={0.5}
              onChange={(reading) => change(index, { reading })}
            />
          </div>
        ))}
        <p className="flex gap-5 text-sm">
          {rows.length < MOST_ROWS && (
            <Button onClick={() => onChange({ rows: [...rows, { at: '', reading: '' }] })}>
              one place more
            </Button>
          )}
          {rows.length > 1 && (
            <Button onClick={() => onChange({ rows: rows.slice(0, -1) })}>one place fewer</Button>
          )}
        </p>
      </div>
      {field(
        'turned',
        'The last one, far stick turned',
        'end for end: parts its own error from the board’s',
        0.5,
      )}
      {field('boardWidth', 'Width of the board', '', 5)}
    </Readings>
  )
}
