import { useSyncExternalStore } from 'react'

/** Whether this device is to be heard: a phone in an apron is, a screen in a shared shop perhaps not. */
const PLACE = 'sound'
const OFF = 'off'

const watchers = new Set<() => void>()
let device: AudioContext | undefined

export const isHeard = (): boolean => localStorage.getItem(PLACE) !== OFF

function turn(on: boolean): void {
  if (on) localStorage.removeItem(PLACE)
  else localStorage.setItem(PLACE, OFF)
  for (const watch of watchers) watch()
}

const watch = (onChange: () => void) => {
  watchers.add(onChange)
  return () => watchers.delete(onChange)
}

/** Whether it is heard, and the switch. */
export function useSound(): readonly [boolean, (on: boolean) => void] {
  return [useSyncExternalStore(watch, isHeard), turn]
}

/** A stroke was counted. */
export const click = (): void => play([[1400, 0, 0.03]], 0.12)

/** Glue or wood has rested: two tones, the second higher. */
export const chime = (): void =>
  play(
    [
      [660, 0, 0.3],
      [880, 0.22, 0.5],
    ],
    0.2,
  )

type Tone = readonly [hertz: number, fromSeconds: number, lastsSeconds: number]

/** Nothing depends on it: a browser without sound, or before the first tap, stays silent. */
function play(tones: readonly Tone[], loud: number): void {
  if (!isHeard() || typeof AudioContext === 'undefined') return
  device ??= new AudioContext()
  void device.resume()
  const now = device.currentTime
  for (const [hertz, from, lasts] of tones) {
    const tone = device.createOscillator()
    const level = device.createGain()
    tone.frequency.value = hertz
    level.gain.setValueAtTime(loud, now + from)
    level.gain.exponentialRampToValueAtTime(0.001, now + from + lasts)
    tone.connect(level).connect(device.destination)
    tone.start(now + from)
    tone.stop(now + from + lasts)
  }
}
