import { useState } from 'react'

/** Kept with the screen it was measured on, not with the bench. */
const KEY = 'pixels of a millimetre'

/** By the standard that a CSS inch has 96 pixels; few screens hold to it. */
const USUAL = 96 / 25.4

/** How many pixels of this screen make a millimetre, as far as somebody held a card to it. */
export function useScreen(): { pxPerMm: number; isKnown: boolean; keep: (pxPerMm: number) => void } {
  const [kept, setKept] = useState(() => Number(localStorage.getItem(KEY)))
  const isKnown = kept >= 1
  return {
    pxPerMm: isKnown ? kept : USUAL,
    isKnown,
    keep: (pxPerMm) => {
      localStorage.setItem(KEY, String(pxPerMm))
      setKept(pxPerMm)
    },
  }
}
