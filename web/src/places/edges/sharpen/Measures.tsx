import type { Schemas, ReadingsByName } from '@/api/client'
import { ReadingField } from '@/parts/ReadingField'

// What a caliper laid along a bevel can tell apart, mm.
const STEP_MM = 0.05

interface Measure {
  name: keyof Schemas['EdgeFormRequest'] & keyof Schemas['EdgeFormRequest']
  label: string
  hint?: string
  stepMm: number
}

/** What each finding wants to know beyond the bevel; nothing of it is ever asked before a touch-up. */
const ASKED: Readonly<Record<string, readonly Measure[]>> = {
  nicked: [{ name: 'nickDepth', label: 'Depth of the nick', stepMm: 0.01 }],
  back: [
    { name: 'backLength', label: 'Back to be flat, from the edge', stepMm: 1 },
    { name: 'outOfFlat', label: 'Out of flat by', hint: 'feeler under a straightedge', stepMm: 0.01 },
  ],
  bevel: [{ name: 'newAngle', label: 'New angle', hint: 'degrees', stepMm: 1 }],
  camber: [
    { name: 'relief', label: 'Corners stand back by', hint: 'about a shaving for a smoother', stepMm: 0.01 },
  ],
}

const BEVEL: readonly Measure[] = [
  { name: 'bevelLength', label: 'Bevel, edge to heel', stepMm: STEP_MM },
  { name: 'thickness', label: 'Thickness of the blade', stepMm: STEP_MM },
]

const GIVE: Measure = { name: 'give', label: 'Read to within ±', stepMm: STEP_MM }

interface MeasuresProps {
  values: Schemas['EdgeFormRequest']
  readings: ReadingsByName
  thickness: string
  onChange: (typed: Partial<Schemas['EdgeFormRequest']>) => void
}

/** The few figures that this finding can use. */
export function Measures({ values, readings, thickness, onChange }: MeasuresProps) {
  const asked = ASKED[values.condition] ?? []
  const measured = values.bevelLength === '' ? BEVEL : [...BEVEL, GIVE]
  return (
    <>
      {[...asked, ...measured].map((row) => (
        <ReadingField
          key={row.name}
          label={row.label}
          hint={row.name === 'thickness' ? `on record ${thickness}` : row.hint}
          value={values[row.name]}
          reading={readings[row.name]}
          stepMm={row.stepMm}
          onChange={(typed) => onChange({ [row.name]: typed })}
        />
      ))}
    </>
  )
}
