import { describe, expect, it } from 'vitest'
import { daySpans } from './dayLayout'

const visit = (edgeId: number, seconds: number) => ({
  edgeId,
  edge: `edge ${edgeId}`,
  strokes: 5,
  seconds,
  kind: 'hone' as const,
  setting: '30°',
})

describe('daySpans', () => {
  it('begins each visit when the one before it is done, after the stone was fetched', () => {
    const { rounds, seconds } = daySpans({
      rounds: [
        {
          stone: 'coarse stone',
          label: '220',
          changeSeconds: 20,
          minutes: '',
          visits: [visit(1, 30), visit(2, 40)],
        },
        { stone: 'fine stone', label: '4000', changeSeconds: 10, minutes: '', visits: [visit(1, 5)] },
      ],
    })
    expect(rounds[0]?.visits).toEqual([
      { edgeId: 1, strokes: 5, from: 20, to: 50 },
      { edgeId: 2, strokes: 5, from: 50, to: 90 },
    ])
    expect(rounds[1]).toMatchObject({ from: 90, until: 105, visits: [{ edgeId: 1, from: 100, to: 105 }] })
    expect(seconds).toBe(105)
  })
})
