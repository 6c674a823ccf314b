import { expect, test } from 'vitest'
import { offset, placeViews } from './planLayout'

const view = (widthMm: number, heightMm: number) => ({
  name: '',
  widthMm,
  heightMm,
  seen: [],
  hidden: [],
  dims: [],
})

test('the widest view fills the sheet, and all have its scale', () => {
  const { scale, placed } = placeViews([view(240, 80), view(22, 42)], 700)
  expect(scale).toBeCloseTo((700 - 96) / 240)
  expect(placed[0]).toMatchObject({ x: 44, y: 58 })
  expect(placed[1]?.x).toBe(44)
  expect(placed[1]?.y).toBeCloseTo(80 * scale + 58 + 44 + 58)
})

test('narrow views stand beside each other', () => {
  const { placed, height, scale } = placeViews([view(400, 60), view(80, 60), view(80, 60)], 800)
  expect(placed[2]?.y).toBe(placed[1]?.y)
  expect(placed[2]?.x).toBeGreaterThan((placed[1]?.x ?? 0) + 80 * scale)
  expect(height).toBeCloseTo(2 * (60 * scale + 102))
})

test('a dimension stands off to the nearer side', () => {
  const box = { widthMm: 100, heightMm: 50 }
  expect(offset({ fromX: 0, fromY: 50, toX: 100, toY: 50, side: null }, box, 18)).toEqual({ x: 0, y: 18 })
  expect(offset({ fromX: 0, fromY: 0, toX: 100, toY: 0, side: null }, box, 18)).toEqual({ x: 0, y: -18 })
  expect(offset({ fromX: 100, fromY: 0, toX: 100, toY: 50, side: null }, box, 18)).toEqual({ x: 18, y: 0 })
  expect(offset({ fromX: 0, fromY: 0, toX: 0, toY: 50, side: null }, box, 18)).toEqual({ x: -18, y: 0 })
  expect(offset({ fromX: 20, fromY: 10, toX: 90, toY: 10, side: 'below' }, box, 18)).toEqual({ x: 0, y: 18 })
})

test('a tall view is no higher than the screen bears', () => {
  const { scale } = placeViews([view(100, 600)], 1000)
  expect(600 * scale).toBeCloseTo(420)
})

test('views are drawn smaller rather than half of them below the screen', () => {
  const { placed, height, scale } = placeViews([view(240, 140), view(22, 42)], 640)
  expect(scale).toBeLessThan((640 - 96) / 240)
  expect(placed[1]?.y).toBe(placed[0]?.y)
  expect(height).toBeLessThan(530)
})

test('a phone lays them one below the other, as large as it is wide', () => {
  const { scale } = placeViews([view(240, 140), view(22, 42)], 316)
  expect(scale).toBeCloseTo((316 - 96) / 240)
})
