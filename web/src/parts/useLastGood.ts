import { useState } from 'react'

/** The value while it is good, and the last good one while it is not: a half-typed figure wipes no drawing. */
export function useLastGood<T>(value: T | null, keep: boolean): T | null {
  const [last, setLast] = useState<T | null>(value)
  if (value !== null && value !== last) setLast(value)
  if (value === null && !keep && last !== null) setLast(null)
  return value ?? (keep ? last : null)
}
