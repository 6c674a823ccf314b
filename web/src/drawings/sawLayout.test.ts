import { describe, expect, it } from 'vitest'
import { fromTheEnd, profile, shownIn, teethScale } from './sawLayout'

const teeth = { pitchMm: 2, heightMm: 1.5, rakeDeg: 0 }

describe('profile', () => {
  it('has upright fronts without rake', () => {
    expect(profile(teeth, 2)).toEqual([
      { x: 0, y: 0 },
      { x: 0, y: 1.5 },
      { x: 2, y: 0 },
      { x: 2, y: 1.5 },
    ])
  })
  it('leans back by the rake', () => {
    expect(profile({ ...teeth, rakeDeg: 45 }, 1)[1]?.x).toBeCloseTo(1.5)
  })
})

describe('teethScale', () => {
  it('keeps all shown teeth in the box', () => {
    const scale = teethScale(teeth, 600, 300)
    expect(scale * shownIn(600) * teeth.pitchMm).toBeLessThanOrEqual(600)
    expect(scale * teeth.heightMm).toBeLessThan(300)
  })
})

describe('fromTheEnd', () => {
  it('is as wide as the kerf at the tips and as the plate below', () => {
    const [left, right] = fromTheEnd(0.8, 0.1, 2)
    const xs = [...left, ...right].filter((point) => point.y === 0).map((point) => point.x)
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(1)
    expect(Math.max(...left.filter((point) => point.y > 2).map((point) => point.x))).toBeCloseTo(0.4)
  })
})
