import type { Schemas } from '../../../api/client'
import { Button } from '../../../parts/Button'
import { Choice } from '../../../parts/Choice'
import { ReadingField } from '../../../parts/ReadingField'
import { Readings } from '../../../parts/Readings'
import { FromInstrument } from '../FromInstrument'
import { TestFields } from '../TestFields'

type Values = Schemas['StraightSheet']

interface StraightReadingsProps {
  page: Schemas['StraightPage']
  preview: Schemas['StraightPreview']
  values: Values
  onChange: (values: Partial<Values>) => void
  onRecord: (() => void) | null
}

type Method = NonNullable<Values['against']>

const MOST_ROWS = 40

/** The gap between both lines at each place, and how they lie. */
export function StraightReadings({ page, preview, values, onChange, onRecord }: StraightReadingsProps) {
  const onFlat = values.against === 'flat'
  const step = page.instruments.find((one) => one.value === values.instrument)?.resolutionMm ?? 0.05
  return (
    <Readings onRecord={onRecord}>
      {!onFlat && (
        <Choice
          label="In the middle, the far line is"
          hint="the one away from you"
          value={values.farLine}
          options={[
            { value: 'first', label: 'the one drawn first' },
            { value: 'second', label: 'the one drawn second' },
          ]}
          onChange={(farLine) => onChange({ farLine })}
        />
      )}
      <Rows values={values} preview={preview} stepMm={step} onChange={onChange} />
      <details className="border-b border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer text-soft">
          Against a flat, line, instrument, shaving, tolerance, height
        </summary>
        <Choice
          label="Tested against"
          value={values.against ?? 'reversal'}
          options={page.methods.map(({ value, label }) => ({ value: value as Method, label }))}
          onChange={(against) => onChange({ against })}
        />
        {onFlat ? (
          <ReadingField
            label="The flat is true to"
            hint="what you know of it, or were told"
            value={values.flatTo ?? ''}
            reading={preview.readings.flatTo}
            stepMm={0.01}
            onChange={(flatTo) => onChange({ flatTo })}
          />
        ) : (
          <ReadingField
            label="Width of a line"
            value={values.lineWidth}
            reading={preview.readings.lineWidth}
            stepMm={0.01}
            onChange={(lineWidth) => onChange({ lineWidth })}
          />
        )}
        <TestFields
          instruments={page.instruments}
          values={values}
          readings={preview.readings}
          onChange={onChange}
        />
        <ReadingField
          label="Height of the wood"
          hint="at its lowest place"
          value={values.height ?? ''}
          reading={preview.readings.height}
          stepMm={0.5}
          onChange={(height) => onChange({ height })}
        />
        <ReadingField
          label="Least height"
          hint="lower than this you make a new one"
          value={values.least ?? ''}
          reading={preview.readings.least}
          stepMm={1}
          onChange={(least) => onChange({ least })}
        />
      </details>
    </Readings>
  )
}

interface RowsProps {
  values: Values
  preview: Schemas['StraightPreview']
  stepMm: number
  onChange: (values: Partial<Values>) => void
}

function Rows({ values, preview, stepMm, onChange }: RowsProps) {
  const { rows } = values
  const change = (at: number, typed: Partial<Schemas['StraightRow']>) =>
    onChange({ rows: rows.map((row, index) => (index === at ? { ...row, ...typed } : row)) })
  return (
    <div className="border-b border-rule py-1.5">
      <div className="flex justify-between text-sm text-soft">
        <span>place along the edge</span>
        <span>{values.against === 'flat' ? 'gap under the edge' : 'gap between the lines'}</span>
      </div>
      {rows.map((row, index) => (
        <div key={index} className="flex items-start justify-between gap-4 py-0.5">
          <ReadingField
            bare
            label={`Place ${index + 1}`}
            value={row.at}
            reading={preview.rows[index]?.at}
            stepMm={5}
            onChange={(at) => change(index, { at })}
          />
          <ReadingField
            bare
            label={`Gap at place ${index + 1}`}
            value={row.gap}
            reading={preview.rows[index]?.gap}
            stepMm={stepMm}
            onChange={(gap) => change(index, { gap })}
          />
        </div>
      ))}
      <p className="flex flex-wrap gap-x-5 text-sm">
        <FromInstrument
          says="Read them all"
          places={placesOf(preview)}
          onRead={(typed) =>
            onChange({ rows: rows.map((row, index) => ({ ...row, gap: typed[index] ?? row.gap })) })
          }
        />
        {rows.length < MOST_ROWS && (
          <Button onClick={() => onChange({ rows: [...rows, { at: '', gap: '' }] })}>one place more</Button>
        )}
        {rows.length > 3 && (
          <Button onClick={() => onChange({ rows: rows.slice(0, -1) })}>one place fewer</Button>
        )}
      </p>
    </div>
  )
}

/** Every place in its row, none while one of them is not understood. */
function placesOf({ rows }: Schemas['StraightPreview']): number[] {
  const places = rows.flatMap(({ at }) => (at.value === null ? [] : [at.value]))
  return places.length === rows.length ? places : []
}
