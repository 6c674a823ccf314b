import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { typedEntry } from '@/api/queries'
import { inUnit } from './inUnit'

/** An entry that is being corrected: the form begins with what was typed then. */
export interface Correction<Body> {
  entry: number
  says: string
  on: string
  /** As it was sent then; null: it is not known. */
  body: Body | null
  /** The unit that bare lengths were typed in; null: it is not known. */
  unit: string | null
  /** Go with what is recorded in its place. */
  headers: Record<string, string>
  /** Leaves it, corrected or as it was. */
  end: () => void
}

const CORRECT = 'correct'

/**
 * The entry that a page was asked to correct, `?correct=12`.
 *
 * @returns undefined while it is fetched; null: none of these kinds
 */
export function useCorrection<Body>(kinds: readonly string[]): Correction<Body> | null | undefined {
  const [search, setSearch] = useSearchParams()
  const entry = entryToCorrect(search)
  const { data, error } = useQuery({ ...typedEntry(entry), enabled: entry > 0 })
  if (entry === 0 || error) return null
  if (!data) return undefined
  return kinds.includes(data.kind)
    ? { ...correctionOf<Body>(data), end: () => setSearch({}, { replace: true }) }
    : null
}

const correctionOf = <Body>(typed: Schemas['Typed']): Omit<Correction<Body>, 'end'> => ({
  entry: typed.id,
  says: typed.sentence,
  on: typed.happenedOn,
  body: typed.body === null ? null : (JSON.parse(typed.body) as Body),
  unit: typed.unit,
  headers: correcting(typed.id),
})

/** What was typed then, over what the form begins with, in the unit of now: all of it is lengths or words. */
export function typedIn<Body extends object>(
  { body, unit: was }: Correction<Body>,
  base: Body,
  unit: string,
): Body {
  return { ...base, ...(body && was !== null && was !== unit ? inUnit(body, was) : body) }
}

/** The entry that an address asks to correct; 0: none. */
export const entryToCorrect = (search: URLSearchParams): number => Number(search.get(CORRECT) ?? 0)

/** What goes with something that is recorded in the place of an entry. */
export const correcting = (entry: number): Record<string, string> => ({ 'X-Corrects': String(entry) })

/** Where an entry can be corrected; from there on the page has the form. */
export const correctionAt = (page: string, entry: number): string => `${page}?${CORRECT}=${entry}`
