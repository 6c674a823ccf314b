import { describe, expect, it } from 'vitest'
import { edgeShape, shownLengthMm } from './edgeLayout'

const chisel = {
  thicknessMm: 3.4,
  primaryDeg: 25,
  secondaryDeg: 30,
  microWidthMm: 0.6,
  recessionMm: 0.03,
  contactLengthMm: 0.7455,
}
const shape = edgeShape(chisel, 100, { x: 0, y: 500 }, shownLengthMm(chisel))
const slope = (from: { x: number; y: number }, to: { x: number; y: number }) =>
  (Math.atan2(from.y - to.y, to.x - from.x) * 180) / Math.PI

describe('edgeShape', () => {
  it('draws thickness to its scale', () => {
    expect(shape.thickness[1].y - shape.thickness[0].y).toBeCloseTo(340, 6)
  })
  it('draws the recession to the same scale', () => {
    expect(shape.newEdge.x - shape.edge.x).toBeCloseTo(3, 6)
  })
  it('raises the ground bevel at the primary angle', () => {
    expect(slope(shape.shoulder, shape.heel)).toBeCloseTo(25, 6)
  })
  it('raises the honed bevel at the secondary angle', () => {
    expect(slope(shape.edge, shape.shoulder)).toBeCloseTo(30, 6)
  })
  it('ends the new secondary bevel on the ground one', () => {
    expect(slope(shape.shoulder, shape.newShoulder)).toBeCloseTo(25, 0)
  })
  it('draws a single bevel without a secondary one', () => {
    const single = edgeShape(
      { ...chisel, secondaryDeg: 25, microWidthMm: 0, recessionMm: 0 },
      100,
      { x: 0, y: 500 },
      8,
    )
    expect(single.shoulder).toEqual(single.edge)
  })
})
