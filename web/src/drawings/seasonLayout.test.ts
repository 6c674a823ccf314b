import { expect, test } from 'vitest'
import { seasonScales, stretchesOf } from './seasonLayout'

const day = (number: number, restPct = 12) => ({
  at: new Date(number * 86_400_000).toISOString().slice(0, 10),
  day: number,
  until: number,
  tempC: 10,
  lowRhPct: 55,
  highRhPct: 80,
  restPct,
  woodPct: null,
})

test('a line breaks where the log is silent', () => {
  const stretches = stretchesOf([day(1), day(2), day(5), day(6), day(9)])
  expect(stretches.map((stretch) => stretch.map((one) => one.day))).toEqual([[1, 2], [5, 6], [9]])
  expect(stretchesOf([])).toEqual([])
})

test('moisture stands above humidity, and both within the sheet', () => {
  const scales = seasonScales([day(1, 9.4), day(30, 17.2)], 600, 320)
  expect(scales.x(new Date(86_400_000))).toBe(scales.left)
  expect(scales.x(new Date(30 * 86_400_000))).toBe(scales.right)
  expect(scales.moisture(18)).toBeGreaterThan(0)
  expect(scales.moisture(9)).toBeLessThan(scales.humidity(100))
  expect(scales.humidity(40)).toBeLessThan(320)
})

test('a single day has room of its own', () => {
  const scales = seasonScales([day(3)], 400, 300)
  expect(Number.isFinite(scales.x(new Date(3 * 86_400_000)))).toBe(true)
})

test('points of several days make one line where no whole point is missing', () => {
  const span = (from: number, until: number) => ({ ...day(from), until })
  const stretches = stretchesOf([span(0, 2), span(3, 5), span(7, 8), span(12, 14)])
  expect(stretches.map((stretch) => stretch.length)).toEqual([3, 1])
})
