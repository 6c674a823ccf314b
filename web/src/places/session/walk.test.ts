import { describe, expect, it } from 'vitest'
import { backward, forward, groups, type Standing, withCount } from './walk'

const start: Standing = { atStep: 0, phase: 'fetch', counted: [0, 0] }
const stones = [
  { kind: 'hone', count: 12 },
  { kind: 'hone', count: 8 },
] as const
const passes = [
  { kind: 'plane', count: 2 },
  { kind: 'plane', count: 1 },
] as const

describe('forward', () => {
  it('goes from fetching to stroking to checking', () => {
    expect(forward(start, stones).to).toEqual({ ...start, phase: 'stroke' })
    expect(forward({ ...start, phase: 'stroke' }, stones).to).toEqual({ ...start, phase: 'check' })
  })
  it('fetches the next stone after a check', () => {
    expect(forward({ ...start, phase: 'check' }, stones).to).toEqual({ ...start, atStep: 1 })
  })
  it('is finished after the last check', () => {
    expect(forward({ ...start, atStep: 1, phase: 'check' }, stones).finish).toBe(true)
  })
  it('counts a stroke of the plane at every tap, and goes on after the last', () => {
    const once = forward({ ...start, phase: 'stroke' }, passes)
    expect(once).toEqual({ to: { atStep: 0, phase: 'stroke', counted: [1, 0] }, finish: false })
    expect(forward(once.to, passes).to).toEqual({ atStep: 1, phase: 'fetch', counted: [2, 0] })
  })
  it('is finished with the last stroke, which is counted', () => {
    expect(forward({ atStep: 1, phase: 'stroke', counted: [2, 0] }, passes)).toEqual({
      to: { atStep: 1, phase: 'stroke', counted: [2, 1] },
      finish: true,
    })
  })
})

describe('several at once', () => {
  const teeth = [
    { kind: 'file', count: 25 },
    { kind: 'file', count: 3 },
  ] as const
  it('counts a group, and never more than there are', () => {
    const ten = forward({ ...start, phase: 'stroke' }, teeth, 10).to
    expect(ten).toEqual({ atStep: 0, phase: 'stroke', counted: [10, 0] })
    expect(forward(ten, teeth, 40).to).toEqual({ atStep: 1, phase: 'fetch', counted: [25, 0] })
  })
  it('offers ten while there are more, and all that are left', () => {
    expect(groups(25)).toEqual([10, 25])
    expect(groups(10)).toEqual([10])
    expect(groups(1)).toEqual([])
  })
})

describe('making', () => {
  const steps = [
    { kind: 'make', count: 0 },
    { kind: 'make', count: 0 },
  ] as const
  it('goes from doing to looking to the next step, and back the same way', () => {
    const looked = forward(start, steps).to
    expect(looked).toEqual({ ...start, phase: 'check' })
    const second = forward(looked, steps).to
    expect(second).toEqual({ ...start, atStep: 1 })
    expect(backward(second, steps)).toEqual(looked)
    expect(backward(looked, steps)).toEqual(start)
    expect(forward({ ...second, phase: 'check' }, steps).finish).toBe(true)
  })
})

describe('backward', () => {
  it('has nowhere to go from the beginning', () => {
    expect(backward(start, stones)).toBeNull()
  })
  it('takes the strokes back with the stone', () => {
    expect(backward({ atStep: 1, phase: 'stroke', counted: [10, 7] }, stones)).toEqual({
      atStep: 1,
      phase: 'fetch',
      counted: [10, 0],
    })
  })
  it('goes back to the check of the stone before', () => {
    expect(backward({ atStep: 1, phase: 'fetch', counted: [10, 0] }, stones)).toEqual({
      atStep: 0,
      phase: 'check',
      counted: [10, 0],
    })
  })
  it('takes back one stroke of the plane at a time, also over the end of a length', () => {
    expect(backward({ atStep: 1, phase: 'fetch', counted: [2, 0] }, passes)).toEqual({
      atStep: 0,
      phase: 'stroke',
      counted: [1, 0],
    })
    expect(backward({ atStep: 0, phase: 'stroke', counted: [0, 0] }, passes)?.phase).toBe('fetch')
  })
})

describe('withCount', () => {
  it('never counts below nought', () => {
    expect(withCount({ ...start, counted: [3, 0] }, -2)).toEqual([0, 0])
  })
})
