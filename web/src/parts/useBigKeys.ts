import { useState, useSyncExternalStore } from 'react'

/** A thumb on glass: its figures are typed on keys of our own. */
const isTouched = typeof window !== 'undefined' && window.matchMedia?.('(pointer: coarse)').matches

const CHOSEN = 'keyboard'

/** One choice for every field; it lasts. */
let wantsOwn = isTouched && localStorage.getItem(CHOSEN) === 'own'
const watchers = new Set<() => void>()

function choose(own: boolean): void {
  wantsOwn = own
  if (own) localStorage.setItem(CHOSEN, 'own')
  else localStorage.removeItem(CHOSEN)
  for (const watch of watchers) watch()
}

const watchChoice = (watch: () => void) => {
  watchers.add(watch)
  return () => watchers.delete(watch)
}

/** Whether a field's figures are typed on big keys now, and how the phone's own keyboard is had instead. */
export function useBigKeys() {
  const [field, setField] = useState<HTMLInputElement | null>(null)
  const own = useSyncExternalStore(watchChoice, () => wantsOwn)
  const isBig = isTouched && !own
  return {
    field: isBig ? field : null,
    inputMode: isBig ? ('none' as const) : ('text' as const),
    onFocus: (focused: HTMLInputElement) => {
      if (isTouched) setField(focused)
    },
    onBlur: () => setField(null),
    onOwn: () => {
      choose(true)
      // A keyboard comes with the focus alone.
      field?.blur()
      requestAnimationFrame(() => field?.focus())
    },
    /** Back from the phone's own keyboard; null: this field is not the one that is typed in. */
    onBig: own && field ? () => choose(false) : null,
  }
}
