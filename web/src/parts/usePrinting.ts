import { useSyncExternalStore } from 'react'

let printing = false

const watch = (onChange: () => void) => {
  const turn = (to: boolean) => () => {
    printing = to
    onChange()
  }
  const [begin, end] = [turn(true), turn(false)]
  window.addEventListener('beforeprint', begin)
  window.addEventListener('afterprint', end)
  return () => {
    window.removeEventListener('beforeprint', begin)
    window.removeEventListener('afterprint', end)
  }
}

/** Whether the page is being printed: what has a size on paper is laid out for it then. */
export const usePrinting = (): boolean => useSyncExternalStore(watch, () => printing)
