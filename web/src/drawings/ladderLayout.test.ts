import { describe, expect, it } from 'vitest'
import { ladderLayout, standsBefore } from './ladderLayout'

const rung = (from: number, to: number, unlocks: string[], costs: number[] = [to - from]) => ({
  from,
  to,
  month: null,
  unlocks: unlocks.map((name, id) => ({ id, name, floor: 3, well: 'soundly made', isAll: true, like: '' })),
  tools: costs.map((cost) => ({ cost, made: false }) as never),
})

describe('ladderLayout', () => {
  const layout = ladderLayout([rung(0, 60, ['box', 'lid']), rung(60, 100, ['stand'], [30, 10])], 648, 378)

  it('is as long as the whole plan costs', () => {
    expect(layout.treads[0]?.from.x).toBe(24)
    expect(layout.treads[1]?.to.x).toBe(624)
  })
  it('makes a tread as long as its share of the cost', () => {
    expect((layout.treads[0]?.to.x ?? 0) - 24).toBeCloseTo(360)
  })
  it('rises by one step for each work', () => {
    const [first, second] = layout.treads
    expect((first?.from.y ?? 0) - (first?.top ?? 0)).toBeCloseTo(185.3, 1)
    expect((second?.from.y ?? 0) - (second?.top ?? 0)).toBeCloseTo(92.7, 1)
  })
  it('marks where each tool is paid for', () => {
    expect(layout.treads[1]?.ticks).toEqual([
      { at: 564, made: false },
      { at: 624, made: false },
    ])
  })
  it('stands on its floor when nothing is to be got', () => {
    expect(ladderLayout([], 600, 300).treads).toEqual([])
  })
})

it('a name stands where it is not cut off', () => {
  const works = [{ id: 1, name: 'grooved lids', well: 'soundly made', y: 0 }]
  const at = (x: number) => ({ to: { x, y: 0 }, works })
  expect(standsBefore(at(170), 24, 292)).toBe(true)
  expect(standsBefore(at(60), 24, 292)).toBe(false)
  expect(standsBefore(at(400), 24, 616)).toBe(true)
})
