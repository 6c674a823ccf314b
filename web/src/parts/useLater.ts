import { startTransition, useEffect, useState } from 'react'

/**
 * The same value, after what is shown of it first has been painted: the drawing follows a key, and what is read beside
 * it comes with the frame after. A deferred value would be rendered before that frame, and hold it up.
 */
export function useLater<T>(value: T): T {
  const [later, setLater] = useState(value)
  useEffect(() => {
    let after: ReturnType<typeof setTimeout> | undefined
    const frame = requestAnimationFrame(() => {
      after = setTimeout(() => startTransition(() => setLater(value)))
    })
    return () => {
      cancelAnimationFrame(frame)
      clearTimeout(after)
    }
  }, [value])
  return later
}
