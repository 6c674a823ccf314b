import { describe, expect, it } from 'vitest'
import { fittingFactor, path, radians } from './geometry'

describe('path', () => {
  it('closes a shape', () => {
    expect(
      path([
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 10, y: 5 },
      ]),
    ).toBe('M0 0 L10 0 L10 5 Z')
  })
  it('leaves a line open', () => {
    expect(
      path(
        [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
        false,
      ),
    ).toBe('M0 0 L1 1')
  })
  it('rounds to hundredths of a pixel', () => {
    expect(path([{ x: 1 / 3, y: 2 / 3 }], false)).toBe('M0.33 0.67')
  })
})

describe('fittingFactor', () => {
  const choices = [10, 20, 50, 100]
  it('takes the largest that keeps within the room', () => {
    expect(fittingFactor(0.1, 2, 12, choices)).toBe(50)
  })
  it('takes the smallest where none fits', () => {
    expect(fittingFactor(50, 2, 12, choices)).toBe(10)
  })
  it('does not mind which way the error goes', () => {
    expect(fittingFactor(-0.1, 2, 12, choices)).toBe(fittingFactor(0.1, 2, 12, choices))
  })
  it('takes the largest for no error at all', () => {
    expect(fittingFactor(0, 2, 12, choices)).toBe(100)
  })
})

describe('radians', () => {
  it('knows a right angle', () => {
    expect(radians(90)).toBeCloseTo(Math.PI / 2, 12)
  })
})
