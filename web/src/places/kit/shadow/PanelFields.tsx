import type { ReadingsByName } from '@/api/client'
import { PlainField } from '@/parts/PlainField'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import type { Typed } from './boardForm'

interface PanelFieldsProps {
  values: Typed
  figures: ReadingsByName | undefined
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
}

/** The panel as it is measured, and the room a hand needs. */
export function PanelFields({ values, figures, onChange, onRecord }: PanelFieldsProps) {
  const reading = readingOf(values, figures, onChange)
  return (
    <Readings title="The panel" onRecord={onRecord}>
      {reading('width', 'Width', undefined, 10)}
      {reading('height', 'Height', undefined, 10)}
      {reading('room', 'Room for the hand', 'between any two tools; 25 mm lets fingers in', 5)}
      <PlainField
        wide
        label="Called"
        value={values.name ?? ''}
        placeholder="shadow board"
        onChange={(text) => onChange('name', text)}
      />
    </Readings>
  )
}
