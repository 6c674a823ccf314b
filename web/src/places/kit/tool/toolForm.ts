import type { Schemas, ReadingsByName } from '@/api/client'

const LENGTHS: readonly string[] = ['length', 'thickness']

/** The fields that hold lengths, and so keep the unit they were typed in. */
export const lengthsOf = (kind: Schemas['Kind'] | undefined): string[] =>
  (kind?.dimensions ?? []).filter((row) => LENGTHS.includes(row.unit)).map((row) => row.name)

/** What was typed of a kind's dimensions, by name; the others are left out. */
export function typedFigures(
  kind: Schemas['Kind'],
  values: Readonly<Record<string, string>>,
): Record<string, string> {
  const typed = kind.dimensions.map((row): [string, string] => [row.name, values[row.name] ?? ''])
  return Object.fromEntries(typed.filter(([, text]) => text.trim() !== ''))
}

/** What stands on the drawing's dimension lines: what was typed, or the usual size. */
export function labelsOf(kind: Schemas['Kind'], figures: ReadingsByName | undefined): Record<string, string> {
  return Object.fromEntries(
    kind.dimensions.map((row) => {
      const typed = figures?.[row.name]
      return [row.name, typed && typed.value !== null ? typed.typed : row.usual]
    }),
  )
}
