import { describe, expect, it } from 'vitest'
import { timeLeft } from './timeLeft'

const NOW = Date.parse('2026-11-02T09:00:00Z')

describe('timeLeft', () => {
  it('tells seconds only when they matter', () => {
    expect(timeLeft('2026-11-02T09:00:42Z', NOW)).toBe('42 s')
    expect(timeLeft('2026-11-02T09:12:05Z', NOW)).toBe('12 min 5 s')
    expect(timeLeft('2026-11-02T12:12:05Z', NOW)).toBe('3 h 12 min')
    expect(timeLeft('2026-11-03T09:30:00Z', NOW)).toBe('1 day 0 h')
    expect(timeLeft('2026-11-05T12:00:00Z', NOW)).toBe('3 days 3 h')
  })

  it('is over from the moment itself on, and where no time is given', () => {
    expect(timeLeft('2026-11-02T09:00:00Z', NOW)).toBeNull()
    expect(timeLeft('2026-11-01T09:00:00Z', NOW)).toBeNull()
    expect(timeLeft('', NOW)).toBeNull()
  })

  it('never grows while time goes on', () => {
    const last = Array.from({ length: 4000 }, (_, second) =>
      timeLeft('2026-11-02T10:00:00Z', NOW + second * 1000),
    )
    expect(last.indexOf(null)).toBe(3600)
    expect(last.slice(3600).every((one) => one === null)).toBe(true)
  })
})
