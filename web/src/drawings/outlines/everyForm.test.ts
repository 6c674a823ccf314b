import { describe, expect, it } from 'vitest'
import { forms, outlineOf } from './index'

/** A path of numbers only: nothing undefined, nothing out of reach. */
const finite = (path: string) => !/NaN|undefined|Infinity/.test(path)

describe.each(forms)('%s', (form) => {
  const usual = outlineOf(form, {})

  it('has a size', () => {
    expect(usual.width).toBeGreaterThan(0)
    expect(usual.height).toBeGreaterThan(0)
  })
  it('is drawn with numbers', () => {
    expect(usual.bodies.length).toBeGreaterThan(0)
    expect([...usual.bodies, ...usual.details].every(finite)).toBe(true)
  })
  it('measures what can be seen', () => {
    for (const mark of usual.marks ?? []) {
      expect(Math.hypot(mark.to.x - mark.from.x, mark.to.y - mark.from.y)).toBeGreaterThan(0)
      for (const end of [mark.from, mark.to]) {
        expect(end.x).toBeLessThanOrEqual(usual.width + 1)
        expect(end.y).toBeLessThanOrEqual(usual.height + 1)
      }
    }
  })
  it('marks lengths at their true size', () => {
    for (const mark of usual.marks ?? []) {
      const drawn = outlineOf(form, { [mark.name]: 321 }).marks?.find((row) => row.name === mark.name)
      if (!drawn) continue
      const length = Math.hypot(drawn.to.x - drawn.from.x, drawn.to.y - drawn.from.y)
      const before = Math.hypot(mark.to.x - mark.from.x, mark.to.y - mark.from.y)
      expect(length).not.toBeCloseTo(before)
    }
  })
  it('bears tiny and huge tools', () => {
    for (const size of [1, 5000]) {
      const outline = outlineOf(form, {
        length: size,
        width: size,
        iron: size,
        depth: size,
        blade: size,
        reach: size,
      })
      expect([...outline.bodies, ...outline.details].every(finite)).toBe(true)
    }
  })
})
