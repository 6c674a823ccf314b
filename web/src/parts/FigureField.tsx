import { memo } from 'react'
import { ReadingField, type Understood } from './ReadingField'

/** A field as a form of the application asks for it. */
interface Asked {
  name: string
  label: string
  hint: string
  usual: string
  step: number
}

interface FigureFieldProps {
  field: Asked
  value: string
  reading: Understood | undefined
  /** Stays the same from one key to the next. */
  onType: (name: string, text: string) => void
}

/** A figure of a form. At a key in one of its fields the others are left as they are. */
export const FigureField = memo(function FigureField({ field, value, reading, onType }: FigureFieldProps) {
  return (
    <ReadingField
      label={field.label}
      hint={field.hint || undefined}
      value={value}
      reading={reading}
      usual={field.usual}
      stepMm={field.step}
      onChange={(text) => onType(field.name, text)}
    />
  )
}, isSame)

/** Every answer tells of each field anew: what counts is what it tells. */
function isSame(one: FigureFieldProps, other: FigureFieldProps): boolean {
  return (
    one.value === other.value &&
    one.onType === other.onType &&
    alike(one.field, other.field) &&
    alike(one.reading, other.reading)
  )
}

function alike(one: object | undefined, other: object | undefined): boolean {
  if (one === other) return true
  if (!one || !other) return false
  const values: Record<string, unknown> = { ...other }
  return Object.entries(one).every(([name, value]) => values[name] === value)
}
