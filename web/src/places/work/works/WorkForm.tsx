import type { Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { PlainField } from '@/parts/PlainField'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import { hardnesses } from '@/parts/hardness'
import { StepEditor } from './StepEditor'
import { hardnessOf, stepsOf } from './workForm'

interface WorkFormProps {
  pattern: Schemas['Pattern'] | null
  values: Readonly<Record<string, string>>
  preview: Schemas['WorkPreview'] | undefined
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
  nameError: string | undefined
}

/** The numbers of a work: its sizes, or its operations one by one. */
export function WorkForm({ pattern, values, preview, onChange, onRecord, nameError }: WorkFormProps) {
  return (
    <Readings title={pattern ? 'Sizes' : 'What it takes'} onRecord={onRecord}>
      <PlainField
        label="Name"
        wide
        value={values.name ?? ''}
        placeholder={pattern?.name ?? 'tool chest'}
        error={nameError}
        onChange={(text) => onChange('name', text)}
      />
      {pattern?.measures.map((measure) => (
        <ReadingField
          key={measure.name}
          label={measure.label}
          value={values[measure.name] ?? ''}
          usual={measure.usual}
          reading={preview?.figures[measure.name]}
          stepMm={1}
          onChange={(text) => onChange(measure.name, text)}
        />
      ))}
      {!pattern && (
        <StepEditor
          steps={stepsOf(values)}
          figures={preview?.stepFigures.map((step) => step.figures)}
          onChange={(steps) => onChange('steps', JSON.stringify(steps))}
        />
      )}
      <Choice
        label="wood"
        value={hardnessOf(values)}
        options={hardnesses}
        onChange={(hardness) => onChange('hardness', hardness)}
      />
      <PlainField
        label="wanted by"
        hint="the ladder then leads here in time"
        type="date"
        value={values.due ?? ''}
        onChange={(text) => onChange('due', text)}
      />
      <PlainField
        label="how much it matters"
        hint="1 like any other, 3 three times as much"
        value={values.weight ?? '1'}
        onChange={(text) => onChange('weight', text)}
      />
    </Readings>
  )
}
