import type { Schemas } from '@/api/client'

export type Flat = Pick<Schemas['FlatDrawn'], 'lengthMm' | 'widthMm'>

export interface FlatLayout {
  left: number
  top: number
  perMm: number
  /** Where a place of the surface lies, px: along from the near end at the left, across from the left side below. */
  at: (alongMm: number, acrossMm: number) => { x: number; y: number }
  width: number
  height: number
}

const SIDE = 62
const TOP = 46
const MOST_HIGH = 230
const LEAST_HIGH = 96

/** The surface from above, its length from left to right; a narrow one is drawn wider than it is, to be read. */
export function flatLayout(flat: Flat, width: number): FlatLayout {
  const room = width - 2 * SIDE
  const perMm = Math.min(room / flat.lengthMm, MOST_HIGH / flat.widthMm)
  const long = flat.lengthMm * perMm
  const wide = Math.max(LEAST_HIGH, flat.widthMm * perMm)
  const left = (width - long) / 2
  return {
    left,
    top: TOP,
    perMm,
    at: (alongMm, acrossMm) => ({
      x: left + alongMm * perMm,
      y: TOP + wide - (acrossMm / flat.widthMm) * wide,
    }),
    width: long,
    height: wide,
  }
}
