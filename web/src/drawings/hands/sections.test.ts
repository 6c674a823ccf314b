import { describe, expect, it } from 'vitest'
import { HEIGHT, WIDTH } from './onStone'
import { FACE, holeAt, recessAt, teethAt } from './sections'

const told = (sizes: Record<string, number>) =>
  Object.fromEntries(Object.entries(sizes).map(([name, mm]) => [name, { mm, says: `${mm} mm` }]))

const between = (from: number, to: number) => from + Math.random() * (to - from)

describe('sections of bench mode', () => {
  it('keep a recess inside the wood and the drawing, however far from the edge', () => {
    for (let run = 0; run < 200; run++) {
      const stock = between(5, 80)
      const sizes = told({
        stock,
        depth: between(0.5, stock),
        width: between(1, 80),
        edge: between(0, 600),
      })
      const at = recessAt(sizes, Math.random())
      expect(at.cut).toBeGreaterThanOrEqual(FACE)
      expect(at.cut).toBeLessThanOrEqual(at.floor)
      expect(at.floor).toBeLessThanOrEqual(at.bottom + 1e-9)
      expect(at.bottom).toBeLessThan(HEIGHT)
      expect(at.right).toBeLessThan(WIDTH)
      expect(at.left).toBeGreaterThanOrEqual(at.edgeX)
    }
  })

  it('leave wood out where a recess is far from its edge, and say so', () => {
    expect(recessAt(told({ stock: 20, depth: 6, width: 6, edge: 8 }), 0).isBroken).toBe(false)
    expect(recessAt(told({ stock: 20, depth: 6, width: 6, edge: 200 }), 0).isBroken).toBe(true)
  })

  it('sink the bit with the turns, and no deeper than the hole', () => {
    const sizes = told({ bit: 12, board: 30, depth: 20, screw: 8 })
    const [none, half, all] = [0, 0.5, 1].map((done) => holeAt(sizes, done).cut)
    expect(none).toBe(FACE)
    expect(half).toBeCloseTo((FACE + holeAt(sizes, 1).floor) / 2)
    expect(all).toBe(holeAt(sizes, 1).floor)
  })

  it('draw teeth to their rake: an upright front leaves the tip above its gullet', () => {
    const upright = teethAt(told({ pitch: 2.5, height: 1.6, front: 1.6 }))
    for (const { gullet, tipX } of upright.teeth) expect(tipX).toBeCloseTo(gullet)
    const leaned = teethAt(told({ pitch: 2.5, height: 1.6, front: 1.7 }))
    for (const { gullet, tipX } of leaned.teeth) expect(tipX).toBeGreaterThan(gullet)
    expect(leaned.right).toBeLessThan(WIDTH)
  })
})
