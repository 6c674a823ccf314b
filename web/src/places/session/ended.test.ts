import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { ended } from './ended'

const step = (stone: string, of = 'strokes', edge = '') => ({
  stone,
  particleUm: 0,
  strokes: 10,
  seconds: 10,
  see: '',
  kind: 'hone' as const,
  edge,
  says: '',
  of,
})

const session = (but: Partial<Schemas['Session']>): Schemas['Session'] => ({
  id: 1,
  version: 1,
  edgeId: 4,
  edge: '12 mm chisel',
  purpose: 'honing',
  place: null,
  state: 'finished',
  phase: 'check',
  atStep: 1,
  steps: [step('1000 stone'), step('8000 stone')],
  counted: [13, 17],
  secondsPerStroke: 1,
  caution: '',
  ...but,
})

test('an edge is sharp, and its strokes are in the diary', () => {
  expect(ended(session({}))).toMatchObject({
    title: '✓ The 12 mm chisel is sharp.',
    says: 'In the diary: 13 strokes on the 1000 stone, 17 strokes on the 8000 stone.',
    second: { to: '/edges/4' },
  })
  expect(ended(session({ state: 'stopped', counted: [0, 0] }))).toMatchObject({
    title: 'Stopped. The 12 mm chisel stays on the list.',
    says: 'In the diary, with no stroke counted.',
  })
})

test('a day names the edge beside each stone', () => {
  const day = session({ edgeId: null, steps: [step('1000 stone', 'strokes', 'block iron')], counted: [9] })
  expect(ended(day)).toMatchObject({
    title: '✓ The sharpening day is done.',
    says: 'In the diary: 9 strokes on the 1000 stone (block iron).',
    second: { to: '/edges' },
  })
})

test('what was planed is tested again', () => {
  const planed = session({ purpose: 'planing', edge: 'square', counted: [1, 0], place: '/true/3' })
  expect(ended(planed)).toMatchObject({
    title: '✓ Planed. Now test it again.',
    says: 'In the diary: 1 stroke off the square. The next test shows what they really took.',
    first: { to: '/true/3', text: 'Test it again' },
  })
})

test('a saw keeps the gullets that were filed', () => {
  const filed = session({
    purpose: 'filing',
    edge: 'dovetail saw',
    state: 'stopped',
    steps: [step('saw file', 'gullets'), step('saw set', 'teeth')],
    counted: [40, 0],
    place: '/edges/saws/5',
  })
  expect(ended(filed)).toMatchObject({
    title: 'Stopped. The dovetail saw waits.',
    says: 'In the diary: 40 gullets with the saw file.',
    second: { to: '/edges/saws/5' },
  })
})

test('a making waits, or is tested, or just hangs there', () => {
  const making = { purpose: 'making' as const, edge: 'square for the lids' }
  expect(ended(session({ ...making, place: '/true/plans/makings/2' }))).toMatchObject({
    title: '✓ Done for now.',
    first: { to: '/true/plans/makings/2', text: 'See where it stands' },
  })
  expect(ended(session({ ...making, state: 'stopped', place: '/true/plans/makings/2' })).title).toBe(
    'Stopped.',
  )
  expect(ended(session({ ...making, place: '/true/9' }))).toMatchObject({
    title: '✓ The square for the lids is made.',
    first: { to: '/true/9', text: 'Test it' },
  })
  expect(ended(session({ ...making, edge: 'mallet', place: '/kit/tools/8' }))).toMatchObject({
    says: 'It hangs on the board, ready for work.',
    first: { to: '/kit/tools/8', text: 'See it' },
  })
})
