import type { Schemas } from '@/api/client'

type Sent = Schemas['BlankRequest']

export type Typed = Record<string, string>

/** Sizes that keep the unit they were typed in. */
export const LENGTHS = ['length', 'width', 'thickness'] as const

const FIGURES = [...LENGTHS, 'ring', 'runout'] as const

/** A form's fields as they begin: those of a blank, or of a new one. */
export function baseOf(blank: Schemas['ListedBlank'] | null): Typed {
  const typed = blank?.typed
  return {
    name: typed?.name ?? '',
    species: typed?.species ?? 'black cherry',
    figure: typed?.figure ?? 'straight',
    knots: typed?.knots ?? 'none',
    ...Object.fromEntries(FIGURES.map((name) => [name, typed?.figures[name] ?? ''])),
  }
}

/** What is sent of them. */
export function sentOf(values: Typed): Sent {
  const { name = '', species = '', figure = '', knots = '' } = values
  return {
    name,
    species,
    figure: figure as Sent['figure'],
    knots: knots as Sent['knots'],
    figures: Object.fromEntries(FIGURES.map((field) => [field, values[field] ?? ''])),
  }
}
