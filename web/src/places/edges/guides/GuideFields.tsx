import type { Schemas, ReadingsByName } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { PlainField } from '@/parts/PlainField'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import { SETTINGS, shownRows, STOPS, type Typed } from './guideForm'

interface GuideFieldsProps {
  sent: Schemas['GuideFormRequest']
  values: Typed
  figures: ReadingsByName | undefined
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
}

const seats = [
  { value: 'chisel', label: 'chisels' },
  { value: 'iron', label: 'plane irons' },
] as const

const numbers = (count: number) => Array.from({ length: count }, (_, index) => index)

/** The roller, the settings that were honed and measured, and the angles that the board should hold. */
export function GuideFields({ sent, values, figures, onChange, onRecord }: GuideFieldsProps) {
  const reading = (name: string, label: string, hint: string | undefined, stepMm: number, bare = false) => (
    <ReadingField
      key={name}
      label={label}
      hint={hint}
      bare={bare}
      value={values[name] ?? ''}
      reading={figures?.[name]}
      stepMm={stepMm}
      onChange={(text) => onChange(name, text)}
    />
  )
  return (
    <Readings onRecord={onRecord}>
      {reading('roller', 'Roller, across', 'its diameter', 0.1)}
      <Choice
        label="The seat for"
        value={sent.seat}
        options={seats}
        onChange={(seat) => onChange('seat', seat)}
      />
      <fieldset className="border-b border-rule py-1.5">
        <legend className="float-left w-full">
          Settings you honed
          <span className="block text-sm text-soft">how far it stood out, and the angle you measured</span>
        </legend>
        {numbers(shownRows(sent.settings.length, 2, SETTINGS)).map((index) => (
          <div key={index} className="clear-both flex justify-end gap-4 py-0.5">
            {reading(`projection${index}`, `Setting ${index + 1}: stands out`, undefined, 0.5, true)}
            {reading(`angle${index}`, `Setting ${index + 1}: angle in degrees`, undefined, 0.5, true)}
            <span aria-hidden className="self-baseline pt-1 text-soft">
              °
            </span>
          </div>
        ))}
      </fieldset>
      <fieldset className="border-b border-rule py-1.5">
        <legend className="float-left w-full">
          Angles you hone at
          <span className="block text-sm text-soft">one stop each, in degrees</span>
        </legend>
        <div className="clear-both flex flex-wrap gap-x-4 gap-y-1">
          {numbers(shownRows(sent.stops.length, 2, STOPS)).map((index) =>
            reading(`stop${index}`, `Stop ${index + 1}, degrees`, undefined, 1, true),
          )}
        </div>
      </fieldset>
      <PlainField
        wide
        label="Called"
        value={values.name ?? ''}
        placeholder="honing guide"
        onChange={(text) => onChange('name', text)}
      />
    </Readings>
  )
}
