import { describe, expect, it } from 'vitest'
import { baseOf, sentOf, shownRows } from './guideForm'

const guide = {
  id: 1,
  version: 3,
  name: 'side-clamping guide',
  seat: 'iron',
  seatLabel: 'plane irons',
  roller: '12.7',
  settings: [
    { projection: '50', angle: '25' },
    { projection: '38', angle: '30' },
  ],
  stops: ['25', '30'],
  says: '',
} as const

describe('sentOf', () => {
  it('gives back a guide as it is kept', () => {
    const { name, seat, roller, settings, stops } = sentOf(
      baseOf({ ...guide, settings: [...guide.settings], stops: [...guide.stops] }),
    )
    expect({ name, seat, roller, settings, stops }).toEqual({
      name: guide.name,
      seat: 'iron',
      roller: '12.7',
      settings: guide.settings,
      stops: guide.stops,
    })
  })
  it('keeps a half-typed row in its place and drops the empty ones after it', () => {
    const sent = sentOf({ projection0: '40', angle0: '25', projection1: '30' })
    expect(sent.settings).toEqual([
      { projection: '40', angle: '25' },
      { projection: '30', angle: '' },
    ])
  })
})

describe('shownRows', () => {
  it('always leaves one row to go on with, until there is no more room', () => {
    expect([shownRows(0, 2, 4), shownRows(2, 2, 4), shownRows(4, 2, 4)]).toEqual([2, 3, 4])
  })
})
