import { scaleLinear } from 'd3-scale'
import type { Point } from './geometry'

export interface SquareDrawn {
  bladeMm: number
  bladeWidthMm: number
  stockMm: number
  stockWidthMm: number
  testedMm: number
  /** Error of the square at the tested length, mm; positive leans toward its stock. */
  errorMm: number
}

export interface SquareLayout {
  foot: Point
  pixelsPerMm: number
  boardEdge: number
  blade: Point[]
  bladeTurned: Point[]
  stock: Point[]
  stockTurned: Point[]
  /** The two knife lines from the foot up to the tested length. */
  firstLine: [Point, Point]
  secondLine: [Point, Point]
  plumb: [Point, Point]
  board: { x: number; y: number; width: number; height: number }
}

const ABOVE = 54
const MARGIN = 26

/**
 * Where everything of a reversal test stands on the sheet, px. The stock lies against the near edge of a
 * board, first to the left, then turned over to the right; sideways errors are enlarged by the factor.
 */
export function squareLayout(
  square: SquareDrawn,
  factor: number,
  width: number,
  height: number,
): SquareLayout {
  const heightMm = square.bladeMm + square.stockWidthMm
  const widthMm = 2 * square.stockMm
  const pixelsPerMm = Math.min((height - ABOVE - MARGIN) / heightMm, (width - 2 * MARGIN) / widthMm)
  const foot = { x: width / 2, y: ABOVE + square.bladeMm * pixelsPerMm }
  const up = scaleLinear([0, 1], [foot.y, foot.y - pixelsPerMm])
  const across = scaleLinear([0, 1], [foot.x, foot.x + pixelsPerMm])
  // A square that leans toward a stock lying to the left tips to the left.
  const leanAt = (mm: number) => (-square.errorMm * factor * mm) / square.testedMm
  const at = (xMm: number, yMm: number): Point => ({ x: across(xMm), y: up(yMm) })
  const mirrored = (points: Point[]): Point[] => points.map(({ x, y }) => ({ x: 2 * foot.x - x, y }))

  const tip = leanAt(square.bladeMm)
  const blade = [
    at(0, 0),
    at(tip, square.bladeMm),
    at(tip - square.bladeWidthMm, square.bladeMm),
    at(-square.bladeWidthMm, 0),
  ]
  const stock = [
    at(0, 0),
    at(-square.stockMm, 0),
    at(-square.stockMm, -square.stockWidthMm),
    at(0, -square.stockWidthMm),
  ]
  const lineTop = at(leanAt(square.testedMm), square.testedMm)

  return {
    foot,
    pixelsPerMm,
    boardEdge: foot.y,
    blade,
    bladeTurned: mirrored(blade),
    stock,
    stockTurned: mirrored(stock),
    firstLine: [foot, lineTop],
    secondLine: [foot, mirrored([lineTop])[0] ?? foot],
    plumb: [foot, at(0, square.bladeMm)],
    board: { x: MARGIN / 2, y: 10, width: width - MARGIN, height: foot.y - 10 },
  }
}
