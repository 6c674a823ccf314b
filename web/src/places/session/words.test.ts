import { describe, expect, it } from 'vitest'
import { inHand, isCounted, words } from './words'

const step = {
  title: '1000 stone',
  particleUm: 11.5,
  count: 12,
  seconds: 30,
  see: 'A burr along the whole edge.',
  kind: 'hone',
  beside: '12 mm chisel',
  says: '',
  of: 'strokes',
} as const

describe('words', () => {
  it('fetches a stone once in a batch, then only changes the edge', () => {
    expect(words('fetch', step, undefined, false).says).toBe('Fetch the 1000 stone')
    expect(words('fetch', { ...step, beside: '18 mm chisel' }, step, false).says).toBe('Now the 18 mm chisel')
    expect(words('fetch', { ...step, title: '8000 stone' }, step, true).says).toBe('Fetch the 8000 stone')
  })
  it('shows what to look for at the check', () => {
    expect(words('check', step, undefined, true)).toEqual({
      says: 'Now look',
      under: step.see,
      button: 'Yes: it is sharp',
    })
  })
  it('counts no strokes at a wheel', () => {
    const wheel = { ...step, kind: 'grind', count: 0 } as const
    expect(isCounted(wheel)).toBe(false)
    expect(words('fetch', wheel, undefined, false).button).toBe('Begin')
  })
})

describe('planing', () => {
  it('says where the stroke runs and counts a tap for each', () => {
    const pass = { ...step, title: 'from 225 mm to 675 mm', kind: 'plane', count: 3 } as const
    expect(words('fetch', pass, undefined, false).says).toBe('Plane from 225 mm to 675 mm')
    expect(words('stroke', pass, undefined, true).button).toBe('One stroke')
  })
})

describe('inHand', () => {
  it('names the edge of the step in a batch, the edge of the session otherwise', () => {
    expect(inHand({ title: 'sharpening day', kind: 'day' }, step)).toBe('12 mm chisel')
    expect(inHand({ title: '6 mm chisel', kind: 'honing' }, step)).toBe('6 mm chisel')
  })
  it('counts a saw tooth by tooth', () => {
    const side = {
      ...step,
      title: 'saw set',
      kind: 'file',
      count: 70,
      says: 'Every other tooth.',
      of: 'teeth',
    } as const
    expect(words('fetch', side, undefined, false)).toMatchObject({ says: 'Take the saw set' })
    expect(words('stroke', side, undefined, false)).toMatchObject({
      says: 'Every other tooth.',
      button: 'One tooth',
    })
  })
  it('shows a step of making with its tools and minutes, then what to look at', () => {
    const make = {
      ...step,
      title: 'Saw the slot',
      kind: 'make',
      count: 0,
      seconds: 900,
      says: 'Saw both cheeks.',
      see: 'The saw left both lines.',
      beside: 'tenon saw',
    } as const
    expect(words('fetch', make, undefined, false)).toEqual({
      says: 'Saw the slot',
      under: 'Saw both cheeks. About 15 minutes, with tenon saw.',
      button: 'Done: look at it',
    })
    expect(words('check', make, undefined, true)).toEqual({
      says: 'Now look',
      under: 'The saw left both lines.',
      button: 'Yes: done for now',
    })
    expect(inHand({ title: 'square for the lids', kind: 'making' }, make)).toBe('square for the lids')
  })
})
