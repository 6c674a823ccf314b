import type { Point } from './geometry'

/** Wider than this, pixels for a millimetre, bits would look like spades. */
const WIDEST = 2.2

/** Where each bit of a set hangs, pixels: side by side, as wide as they bore, with even gaps of at least so much. */
export function placed(
  sizesMm: readonly number[],
  width: number,
  gap: number,
): { x: number; width: number }[] {
  const sum = sizesMm.reduce((total, size) => total + size, 0)
  const gaps = Math.max(sizesMm.length - 1, 1)
  const scale = Math.min(WIDEST, Math.max(0, width - gap * gaps) / Math.max(sum, 1))
  const even = Math.max(gap, (width - sum * scale) / gaps)
  let x = 0
  return sizesMm.map((size) => {
    const at = { x, width: size * scale }
    x += at.width + even
    return at
  })
}

/**
 * The nose of a bit from the side, mm, its axis upright at nought, the twist above: spurs down both sides, the cutters
 * between them at nought, the lead screw in the middle.
 */
export function nose(spursMm: number, twistMm: number, spurHeightMm: number): Point[] {
  const [spur, twist] = [spursMm / 2, twistMm / 2]
  const thick = Math.max(0.8, spursMm * 0.06)
  return [
    { x: -twist, y: -spursMm * 1.2 },
    { x: -twist, y: -spursMm * 0.35 },
    { x: -spur, y: -spursMm * 0.25 },
    { x: -spur, y: spurHeightMm },
    { x: -spur + thick, y: 0 },
    { x: -spursMm * 0.1, y: 0 },
    { x: 0, y: spursMm * 0.35 },
    { x: spursMm * 0.1, y: 0 },
    { x: spur - thick, y: 0 },
    { x: spur, y: spurHeightMm },
    { x: spur, y: -spursMm * 0.25 },
    { x: twist, y: -spursMm * 0.35 },
    { x: twist, y: -spursMm * 1.2 },
  ]
}
