import type { Schemas } from '../../api/client'
import { Choice } from '../../parts/Choice'
import { ReadingField, type Understood } from '../../parts/ReadingField'

interface Values {
  instrument: string
  shaving: string
  tolerance: string
}

interface TestFieldsProps {
  instruments: readonly Schemas['Instrument'][]
  values: Values
  readings: { shaving: Understood; tolerance: Understood }
  onChange: (typed: Partial<Values>) => void
}

/** What rarely changes from one test to the next: instrument, shaving, tolerance. */
export function TestFields({ instruments, values, readings, onChange }: TestFieldsProps) {
  return (
    <>
      <Choice
        label="Gap read with"
        value={values.instrument}
        options={instruments.map((one) => ({
          value: one.value,
          label: `${one.label}, to ${one.resolution}`,
        }))}
        onChange={(instrument) => onChange({ instrument })}
      />
      <ReadingField
        label="One shaving"
        hint="ten in a pack under the caliper"
        value={values.shaving}
        reading={readings.shaving}
        stepMm={0.005}
        onChange={(shaving) => onChange({ shaving })}
      />
      <ReadingField
        label="What the work can bear"
        value={values.tolerance}
        reading={readings.tolerance}
        stepMm={0.01}
        onChange={(tolerance) => onChange({ tolerance })}
      />
    </>
  )
}
