import { useEffect, useState } from 'react'

/** A pause in the typing, ms: longer than it takes to find the next key. */
const PAUSE = 700

/** What was typed, once there is a pause: for what is read beside a drawing and need not follow every key. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE)
    return () => clearTimeout(timer)
  }, [value])
  return settled
}
