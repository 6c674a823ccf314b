import type { ReadingsByName } from '@/api/client'
import { ReadingField } from './ReadingField'

type ShowReading = (name: string, label: string, hint: string | undefined, stepMm: number) => React.ReactNode

/** Fields for figures by name: what is typed, and beside it what the application made of it. */
export function readingOf(
  values: Readonly<Record<string, string>>,
  figures: ReadingsByName | undefined,
  onChange: (name: string, text: string) => void,
): ShowReading {
  return function show(name, label, hint, stepMm) {
    return (
      <ReadingField
        key={name}
        label={label}
        hint={hint}
        value={values[name] ?? ''}
        reading={figures?.[name]}
        stepMm={stepMm}
        onChange={(text) => onChange(name, text)}
      />
    )
  }
}
