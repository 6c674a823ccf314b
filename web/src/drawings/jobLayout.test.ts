import { expect, test } from 'vitest'
import type { Schemas } from '@/api/client'
import { bandsOf, hoursOf } from './jobLayout'

const kind = (phase: string, hone: number | null = null): Schemas['JobKind'] => ({
  title: phase,
  phase,
  tools: '',
  setting: '',
  says: '',
  check: '',
  part: 'board',
  lacks: false,
  hone,
})
const row = (at: number, batch: number, minutes: number, done = 0): Schemas['JobRow'] => ({
  kind: at,
  batch,
  to: '4 boards',
  units: 4,
  done,
  minutes,
  took: null,
  day: null,
  isSet: false,
  state: 'later',
})
const kinds = [kind('mark'), kind('saw'), kind('prepare', 7)]

test('the longest batch takes the whole width, the others what they take of its time', () => {
  const bands = bandsOf([row(0, 1, 30), row(1, 1, 70), row(0, 2, 50)], kinds, 500)
  expect(bands.map((band) => band.stretches.at(-1)?.to)).toEqual([500, 250])
})

test('hours stand where their minutes end', () => {
  expect(hoursOf([row(0, 1, 120), row(0, 2, 60)], 120)).toEqual([
    { hours: 1, at: 60 },
    { hours: 2, at: 120 },
  ])
  expect(hoursOf([row(0, 1, 6000)], 600).map(({ hours }) => hours)).toEqual([
    10, 20, 30, 40, 50, 60, 70, 80, 90, 100,
  ])
})

test('a honing in the middle of a phase does not break it, nor does it begin one of its own', () => {
  const [band] = bandsOf([row(0, 1, 30), row(2, 1, 10), row(0, 1, 30), row(1, 1, 30)], kinds, 100)
  expect(band?.spans).toEqual([
    { phase: 'mark', from: 0, to: 70 },
    { phase: 'saw', from: 70, to: 100 },
  ])
  expect(band?.stretches.map((one) => one.isHoning)).toEqual([false, true, false, false])
})

test('what is done of a step is so much of its length', () => {
  const [band] = bandsOf([row(0, 1, 40, 4), row(1, 1, 60, 1)], kinds, 100)
  expect(band?.stretches.map((one) => one.done)).toEqual([40, 55])
})
