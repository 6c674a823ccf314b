import { beforeEach, expect, test, vi } from 'vitest'

let started: number[] = []

class Device {
  currentTime = 0
  destination = {}
  resume = () => Promise.resolve()
  createGain = () => ({
    gain: { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined },
    connect: () => undefined,
  })
  createOscillator = () => {
    const frequency = { value: 0 }
    return {
      frequency,
      connect: (to: unknown) => to as { connect: (to: unknown) => void },
      start: () => started.push(frequency.value),
      stop: () => undefined,
    }
  }
}

beforeEach(() => {
  started = []
  vi.resetModules()
  const kept = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => kept.set(name, value),
    removeItem: (name: string) => kept.delete(name),
  })
  vi.stubGlobal('AudioContext', Device)
})

test('a stroke clicks, and what has rested calls with two rising tones', async () => {
  const { click, chime } = await import('./sound')
  click()
  expect(started).toHaveLength(1)
  chime()
  const [, low = 0, high = 0] = started
  expect(high).toBeGreaterThan(low)
})

test('switched off it is silent', async () => {
  localStorage.setItem('sound', 'off')
  const { click } = await import('./sound')
  click()
  expect(started).toEqual([])
})

test('a browser without sound goes on in silence', async () => {
  vi.stubGlobal('AudioContext', undefined)
  const { click } = await import('./sound')
  expect(click).not.toThrow()
})
