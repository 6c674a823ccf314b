import { expect, test } from 'vitest'
import { bladeAt, HEIGHT, STONE, strokeAlong, WIDTH } from './onStone'

const points = (path: string) =>
  path
    .slice(1, -1)
    .split('L')
    .map((point) => point.split(' ').map(Number) as [number, number])

test('a blade lies on its bevel at its angle, from 15 to 45 degrees, and stays in the drawing', () => {
  for (let deg = 15; deg <= 45; deg += 5) {
    const { blade, roller } = bladeAt(deg)
    const [edge, back, , heel] = points(blade)
    if (!edge || !back || !heel) throw new Error('A blade has four corners.')
    expect(edge[1]).toBe(STONE)
    expect(heel[1]).toBe(STONE)
    const angle = (Math.atan2(edge[1] - back[1], back[0] - edge[0]) * 180) / Math.PI
    expect(angle).toBeCloseTo(deg, 0)
    // What is thinner meets the stone in a longer bevel.
    expect((heel[0] - edge[0]) * Math.sin((deg * Math.PI) / 180)).toBeCloseTo(24, 0)
    for (const [x, y] of points(blade)) {
      expect(x).toBeGreaterThan(0)
      expect(x).toBeLessThan(WIDTH)
      expect(y).toBeLessThan(HEIGHT)
    }
    expect(roller.y + roller.r).toBe(STONE)
  }
})

test('a stroke lies where it is planed, and one at a single place can be seen', () => {
  const all = strokeAlong(0, 900, 900)
  expect([all.from, all.to]).toEqual([all.left, all.right])
  const half = strokeAlong(225, 675, 900)
  expect(half.to - half.from).toBeCloseTo((all.right - all.left) / 2, 6)
  const one = strokeAlong(450, 450, 900)
  expect((one.from + one.to) / 2).toBeCloseTo((all.left + all.right) / 2, 6)
  expect(one.to - one.from).toBe(8)
})
