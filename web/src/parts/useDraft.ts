import { useCallback, useEffect, useState } from 'react'
import { inUnit } from './inUnit'

interface Stored<T> {
  unit: string
  /** The version of the record when the first figure was typed. */
  version: number
  typed: Partial<T>
}

/**
 * What has been typed and not yet recorded. It outlives the page, so that nothing is lost by walking off;
 * fields not touched follow the record. Bare figures keep the unit they were typed in.
 */
export function useDraft<T extends object>(name: string, base: T, unit: string, version: number) {
  const key = `draft ${name}`
  const [stored, setStored] = useState<Stored<T> | null>(() => read<T>(key))
  useEffect(() => {
    if (stored) localStorage.setItem(key, JSON.stringify(stored))
    else localStorage.removeItem(key)
  }, [key, stored])
  const draft =
    stored && stored.unit !== unit ? { ...stored, unit, typed: inUnit(stored.typed, stored.unit) } : stored
  const change = useCallback(
    (typed: Partial<T>) =>
      setStored((before) => {
        const now =
          before && before.unit !== unit ? { ...before, typed: inUnit(before.typed, before.unit) } : before
        return { unit, version: now?.version ?? version, typed: { ...now?.typed, ...typed } }
      }),
    [unit, version],
  )

  return {
    values: { ...base, ...draft?.typed },
    /** The version the typed figures belong to. */
    version: draft?.version ?? version,
    /** Whether the record was changed elsewhere since the first figure was typed. */
    overtaken: draft !== null && draft.version !== version,
    change,
    clear: useCallback(() => setStored(null), []),
    /** Goes on with the typed figures on the record as it is now. */
    keep: useCallback(() => setStored((before) => before && { ...before, version }), [version]),
  }
}

function read<T>(key: string): Stored<T> | null {
  const text = localStorage.getItem(key)
  if (text === null) return null
  try {
    return JSON.parse(text) as Stored<T>
  } catch {
    return null
  }
}
