import type { Schemas } from '@/api/client'
import type { Hardness } from '@/parts/hardness'

export interface StepDraft {
  operation: string
  typed: Record<string, string>
  minGrade: number
}

/** The fields of a pattern that hold lengths; counts have no unit. */
export const lengthsOf = (pattern: Schemas['Pattern'] | null): string[] =>
  (pattern?.measures ?? [])
    .filter((row) => row.name !== 'tails' && row.name !== 'saws')
    .map((row) => row.name)

export function measuresOf(
  pattern: Schemas['Pattern'] | null,
  values: Readonly<Record<string, string>>,
): Record<string, string> {
  return Object.fromEntries((pattern?.measures ?? []).map((row) => [row.name, values[row.name] ?? '']))
}

export function sentOf(
  pattern: Schemas['Pattern'] | null,
  values: Readonly<Record<string, string>>,
): Schemas['WorkFormRequest'] {
  return {
    pattern: pattern?.id ?? null,
    measures: measuresOf(pattern, values),
    steps: pattern ? [] : stepsOf(values),
    hardness: hardnessOf(values),
  }
}

export function requestOf(
  pattern: Schemas['Pattern'] | null,
  values: Readonly<Record<string, string>>,
): Schemas['WorkRequest'] {
  return {
    ...sentOf(pattern, values),
    name: values.name?.trim() || (pattern?.name ?? ''),
    due: values.due || null,
    weight: Number((values.weight ?? '').replace(',', '.')) || 1,
  }
}

export const hardnessOf = (values: Readonly<Record<string, string>>): Hardness =>
  values.hardness === 'soft' || values.hardness === 'hard' ? values.hardness : 'medium'

/** Steps travel through the draft as text, so that half a list is kept like half a figure. */
export function stepsOf(values: Readonly<Record<string, string>>): StepDraft[] {
  try {
    return JSON.parse(values.steps || '[]') as StepDraft[]
  } catch {
    return []
  }
}

/** What stands on the drawing's dimension lines. */
export function labelsOf(
  pattern: Schemas['Pattern'] | null,
  values: Readonly<Record<string, string>>,
): Record<string, string> {
  return Object.fromEntries(
    (pattern?.measures ?? []).map((row) => [row.name, values[row.name]?.trim() || row.usual]),
  )
}
