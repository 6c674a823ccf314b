import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'

type Values = Schemas['WindingFormRequest']

interface WindingReadingsProps {
  values: Values
  preview: Schemas['WindingPreview']
  onChange: (values: Partial<Values>) => void
}

const MOST_ROWS = 12

/** The far stick at each place, then what rarely changes. */
export function WindingReadings({ values, preview, onChange }: WindingReadingsProps) {
  const { rows } = values
  const change = (at: number, typed: Partial<Schemas['WindingRow']>) =>
    onChange({ rows: rows.map((row, index) => (index === at ? { ...row, ...typed } : row)) })
  const field = (name: Exclude<keyof Values, 'rows'>, label: string, hint: string, stepMm: number) => (
    <ReadingField
      label={label}
      hint={hint}
      value={values[name]}
      reading={preview.readings[name]}
      stepMm={stepMm}
      onChange={(typed) => onChange({ [name]: typed })}
    />
  )
  return (
    <Readings onRecord={null}>
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
      {field('stickLength', 'Length of the sticks', '', 10)}
      {field('shaving', 'One shaving', 'ten in a pack under the caliper', 0.005)}
      {field('tolerance', 'What the work can bear', 'twist over the width', 0.05)}
    </Readings>
  )
}
