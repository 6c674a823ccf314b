/** Narrower than this, what is enlarged stands below the whole, px. */
export const NARROW = 520

const MARGIN = 20

/** Where the whole of something is drawn, and the lens that enlarges a place of it. */
export function besideEachOther(width: number, height: number) {
  if (width < NARROW) {
    const r = Math.min(height * 0.22, (width - 2 * MARGIN) / 2)
    return {
      whole: { x: MARGIN, y: MARGIN, width: width - 2 * MARGIN, height: height - 3 * MARGIN - 2 * r },
      lens: { x: width - MARGIN - r, y: height - MARGIN - r, r },
    }
  }
  const r = Math.min(height / 2 - MARGIN, width * 0.19)
  return {
    whole: { x: MARGIN, y: MARGIN, width: width - 4 * MARGIN - 2 * r, height: height - 2 * MARGIN },
    lens: { x: width - MARGIN - r, y: height / 2, r },
  }
}
