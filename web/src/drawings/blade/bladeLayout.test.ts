import { describe, expect, it } from 'vitest'
import { bladeOutline, type DrawnBlade, groundChord, honedAway, standsBack } from './bladeLayout'

const iron: DrawnBlade = {
  form: 'plane-iron',
  widthMm: 50,
  thicknessMm: 3,
  primaryDeg: 25,
  secondaryDeg: 25,
  microWidthMm: 0,
  backBevelDeg: 0,
  wheelMm: null,
  hollowMm: 0,
  honedMm: 0,
  bedDeg: 45,
  bevelUp: false,
  skewDeg: 0,
  cuttingDeg: 45,
  clearanceDeg: 20,
  radiusMm: null,
  sagMm: 0,
  reliefMm: 0,
  nickMm: null,
  nickRoute: null,
  width: '50 mm',
  thickness: '3 mm',
  microWidth: '0 mm',
  hollow: '0 mm',
  sag: '0 mm',
  relief: '0 mm',
}

describe('bladeOutline', () => {
  it('rises at the ground angle where there is one bevel', () => {
    const [edge, heel] = bladeOutline(iron, 20)
    expect(edge).toEqual({ x: 0, y: 0 })
    expect(((heel?.y ?? 0) / (heel?.x ?? 1)).toFixed(4)).toBe(Math.tan((25 * Math.PI) / 180).toFixed(4))
  })
  it('meets the ground bevel at the shoulder of the secondary one', () => {
    const micro = { ...iron, secondaryDeg: 30, microWidthMm: 1 }
    const [edge, shoulder, heel] = bladeOutline(micro, 20)
    const slope = (from: { x: number; y: number } | undefined, to: { x: number; y: number } | undefined) =>
      (Math.atan2((to?.y ?? 0) - (from?.y ?? 0), (to?.x ?? 0) - (from?.x ?? 0)) * 180) / Math.PI
    expect(slope(edge, shoulder)).toBeCloseTo(30, 6)
    expect(slope(shoulder, heel)).toBeCloseTo(25, 6)
  })
  it('hollows by the depth that was computed, half way along', () => {
    // A 7 mm chord on a 150 mm wheel: sag 0.082 mm.
    const chord = 3 / Math.sin((25 * Math.PI) / 180)
    const hollowMm = 75 - Math.sqrt(75 * 75 - (chord * chord) / 4)
    const points = bladeOutline({ ...iron, wheelMm: 150, hollowMm }, 20)
    const turn = (25 * Math.PI) / 180
    const depth = points.map(({ x, y }) => x * Math.sin(turn) - y * Math.cos(turn)).slice(0, 25)
    expect(Math.max(...depth)).toBeCloseTo(hollowMm, 6)
  })
})

describe('honedAway', () => {
  it('is nothing on a fresh bevel', () => {
    expect(honedAway(iron)).toEqual([])
  })
  it('lies between the ground edge and the edge of now', () => {
    const micro = { ...iron, secondaryDeg: 30, microWidthMm: 1 }
    const [start, , edge] = honedAway(micro)
    expect(start?.x).toBeLessThan(0)
    expect(start).toEqual(groundChord(micro)[0])
    expect(edge).toEqual({ x: 0, y: 0 })
  })
})

describe('standsBack', () => {
  it('is the sagitta of the curve at the corners', () => {
    expect(standsBack({ ...iron, radiusMm: 300 }, 25)).toBeCloseTo(1.0435, 3)
  })
  it('runs from one corner to the other on a skewed edge', () => {
    expect(standsBack({ ...iron, skewDeg: 20 }, 25)).toBeCloseTo(50 * Math.tan((20 * Math.PI) / 180), 6)
  })
})
