import { describe, expect, it } from 'vitest'
import { backward, forward, type Standing, withCount } from './walk'

const start: Standing = { atStep: 0, phase: 'fetch', counted: [0, 0] }

describe('forward', () => {
  it('goes from fetching to stroking to checking', () => {
    expect(forward(start, 2)).toEqual({ to: { ...start, phase: 'stroke' } })
    expect(forward({ ...start, phase: 'stroke' }, 2)).toEqual({ to: { ...start, phase: 'check' } })
  })
  it('fetches the next stone after a check', () => {
    expect(forward({ ...start, phase: 'check' }, 2)).toEqual({ to: { ...start, atStep: 1 } })
  })
  it('is finished after the last check', () => {
    expect(forward({ ...start, atStep: 1, phase: 'check' }, 2)).toEqual({ finish: true })
  })
})

describe('backward', () => {
  it('has nowhere to go from the beginning', () => {
    expect(backward(start)).toBeNull()
  })
  it('takes the strokes back with the stone', () => {
    expect(backward({ atStep: 1, phase: 'stroke', counted: [10, 7] })).toEqual({
      atStep: 1,
      phase: 'fetch',
      counted: [10, 0],
    })
  })
  it('goes back to the check of the stone before', () => {
    expect(backward({ atStep: 1, phase: 'fetch', counted: [10, 0] })).toEqual({
      atStep: 0,
      phase: 'check',
      counted: [10, 0],
    })
  })
})

describe('withCount', () => {
  it('never counts below nought', () => {
    expect(withCount({ ...start, counted: [3, 0] }, -2)).toEqual([0, 0])
  })
})
