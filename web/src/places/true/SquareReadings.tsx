import type { Schemas } from '../../api/client'
import { Button } from '../../parts/Button'
import { ReadingField } from '../../parts/ReadingField'
import { Readings } from '../../parts/Readings'
import { FromInstrument } from './FromInstrument'
import { TestFields } from './TestFields'

type Values = Schemas['SquareSheet']

interface SquareReadingsProps {
  page: Schemas['SquarePage']
  preview: Schemas['SquarePreview']
  values: Values
  onChange: (values: Partial<Values>) => void
  onRecord: (() => void) | null
}

/** The few figures of a reversal test, in the order they are taken. */
export function SquareReadings({ page, preview, values, onChange, onRecord }: SquareReadingsProps) {
  const step =
    page.instruments.find((instrument) => instrument.value === values.instrument)?.resolutionMm ?? 0.05
  const { readings } = preview

  return (
    <Readings onRecord={onRecord}>
      <ReadingField
        label="Line knifed, from the edge up"
        value={values.length}
        reading={readings.length}
        stepMm={1}
        onChange={(length) => onChange({ length })}
      />
      <Gaps
        values={values}
        readings={preview.farGaps}
        lengthMm={readings.length.value}
        stepMm={step}
        onChange={(farGaps) => onChange({ farGaps })}
      />
      <Choice
        label="At the tip, the line knifed first is"
        value={values.leftLine}
        options={[
          ['first', 'the left one'],
          ['second', 'the right one'],
        ]}
        onChange={(leftLine) => onChange({ leftLine })}
      />
      <ReadingField
        label="Width of a line"
        value={values.lineWidth}
        reading={readings.lineWidth}
        stepMm={0.01}
        onChange={(lineWidth) => onChange({ lineWidth })}
      />
      <details className="border-b border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer">
          Foot, instrument, edge, blade, shaving, tolerance
        </summary>
        <ReadingField
          label="Gap at the foot"
          hint="if the feet did not meet"
          value={values.nearGap}
          reading={readings.nearGap}
          stepMm={step}
          onChange={(nearGap) => onChange({ nearGap })}
        />
        <Choice
          label="Edge of the blade"
          value={values.edge}
          options={[
            ['outer', 'outer'],
            ['inner', 'inner'],
          ]}
          onChange={(edge) => onChange({ edge })}
        />
        <Choice
          label="Blade"
          value={values.metal ? 'metal' : 'wood'}
          options={[
            ['wood', 'wood'],
            ['metal', 'metal'],
          ]}
          onChange={(blade) => onChange({ metal: blade === 'metal' })}
        />
        <TestFields instruments={page.instruments} values={values} readings={readings} onChange={onChange} />
        <ReadingField
          label="Width of the work"
          hint="what a shoulder or a side measures"
          value={values.workWidth ?? ''}
          reading={preview.workWidth}
          usual="300 mm"
          stepMm={10}
          onChange={(workWidth) => onChange({ workWidth })}
        />
        <ReadingField
          label="Width of the blade"
          hint="each shaving makes it narrower"
          value={values.width ?? ''}
          reading={readings.width}
          stepMm={0.1}
          onChange={(width) => onChange({ width })}
        />
        <ReadingField
          label="Least width"
          hint="narrower than this you make a new one"
          value={values.least ?? ''}
          reading={readings.least}
          stepMm={1}
          onChange={(least) => onChange({ least })}
        />
      </details>
    </Readings>
  )
}

const MOST_GAPS = 12

interface GapsProps {
  values: Values
  readings: readonly Schemas['Reading'][]
  stepMm: number
  /** Where along the blade the tip is read. */
  lengthMm: number | null
  onChange: (gaps: string[]) => void
}

/** The gap at the tip, once or several times. */
function Gaps({ values, readings, stepMm, lengthMm, onChange }: GapsProps) {
  const gaps = values.farGaps
  const withNew = (index: number, typed: string) => gaps.map((gap, at) => (at === index ? typed : gap))

  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1.5">
      <span>
        Gap between the lines at the tip
        <span className="ml-3">
          <FromInstrument
            says="ask the instrument"
            places={lengthMm === null ? [] : [lengthMm]}
            onRead={(typed) =>
              onChange([...gaps.filter((gap) => gap.trim() !== ''), ...typed].slice(0, MOST_GAPS))
            }
          />
        </span>
        {gaps.length < MOST_GAPS && gaps.at(-1)?.trim() !== '' && (
          <Button className="ml-3 text-sm" onClick={() => onChange([...gaps, ''])}>
            read it again
          </Button>
        )}
      </span>
      <div className="ml-auto flex flex-wrap justify-end gap-3">
        {gaps.map((gap, index) => (
          <ReadingField
            key={index}
            bare
            label={`Gap at the tip, reading ${index + 1}`}
            value={gap}
            reading={readings[index]}
            stepMm={stepMm}
            onChange={(typed) => onChange(withNew(index, typed))}
          />
        ))}
      </div>
    </div>
  )
}

interface ChoiceProps<T extends string> {
  label: string
  value: T
  options: readonly (readonly [T, string])[]
  onChange: (value: T) => void
}

function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <fieldset className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1.5">
      <legend className="float-left">{label}</legend>
      <span className="ml-auto flex gap-2">
        {options.map(([option, says]) => (
          <label
            key={option}
            className="cursor-pointer border border-rule px-2 py-0.5 has-checked:border-ink has-checked:bg-sheet has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-blue"
          >
            <input
              type="radio"
              name={label}
              className="sr-only"
              checked={option === value}
              onChange={() => onChange(option)}
            />
            {option === value && '✓ '}
            {says}
          </label>
        ))}
      </span>
    </fieldset>
  )
}
