import type { ReadingsByName, Schemas } from '@/api/client'
import { ReadingField } from '@/parts/ReadingField'
import { InstrumentChoice } from './InstrumentChoice'

interface Values {
  instrument: string
  shaving: string
  tolerance: string
}

interface TestFieldsProps {
  instruments: readonly Schemas['Instrument'][]
  values: Values
  readings: ReadingsByName
  onChange: (typed: Partial<Values>) => void
}

/** What rarely changes from one test to the next: instrument, shaving, tolerance. */
export function TestFields({ instruments, values, readings, onChange }: TestFieldsProps) {
  return (
    <>
      <InstrumentChoice
        instruments={instruments}
        value={values.instrument}
        onChange={(instrument) => onChange({ instrument })}
      />
      <ReadingField
        label="One shaving"
        hint="ten in a pack: type 0.5 mm / 10"
        value={values.shaving}
        reading={readings.shaving}
        stepMm={0.005}
        onChange={(shaving) => onChange({ shaving })}
      />
      <ReadingField
        label="Tolerance"
        value={values.tolerance}
        reading={readings.tolerance}
        stepMm={0.01}
        onChange={(tolerance) => onChange({ tolerance })}
      />
    </>
  )
}
