import { expect, test } from 'vitest'
import type { Schemas } from '@/api/client'
import { ended } from './ended'

const step = (title: string, of = 'strokes', beside = '') => ({
  title,
  particleUm: 0,
  count: 10,
  seconds: 10,
  see: '',
  kind: 'hone' as const,
  beside,
  says: '',
  of,
})

const session = (but: Partial<Schemas['Session']>): Schemas['Session'] => ({
  id: 1,
  version: 1,
  kind: 'honing',
  title: '12 mm chisel',
  about: { kind: 'edge', id: 4 },
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
  const day = session({
    kind: 'day',
    about: null,
    steps: [step('1000 stone', 'strokes', 'block iron')],
    counted: [9],
  })
  expect(ended(day)).toMatchObject({
    title: '✓ The sharpening day is done.',
    says: 'In the diary: 9 strokes on the 1000 stone (block iron).',
    second: { to: '/edges' },
  })
})

test('what was planed is tested again', () => {
  const planed = session({
    kind: 'planing',
    title: 'square',
    counted: [1, 0],
    about: { kind: 'reference', id: 3 },
  })
  expect(ended(planed)).toMatchObject({
    title: '✓ Planed. Now test it again.',
    says: 'In the diary: 1 stroke off the square. The next test shows what they really took.',
    first: { to: '/true/references/3', text: 'Test it again' },
  })
})

test('what was rubbed was not planed', () => {
  const rubbed = session({
    kind: 'planing',
    title: 'sole',
    steps: [{ ...step('0.20 mm off its rim'), kind: 'rub' }],
    counted: [10],
    about: { kind: 'reference', id: 3 },
  })
  expect(ended(rubbed)).toMatchObject({ title: '✓ Rubbed. Now test it again.' })
})

test('a saw keeps the gullets that were filed', () => {
  const filed = session({
    kind: 'filing',
    title: 'dovetail saw',
    state: 'stopped',
    steps: [step('saw file', 'gullets'), step('saw set', 'teeth')],
    counted: [40, 0],
    about: { kind: 'saw', id: 5 },
  })
  expect(ended(filed)).toMatchObject({
    title: 'Stopped. The dovetail saw waits.',
    says: 'In the diary: 40 gullets with the saw file.',
    second: { to: '/edges/saws/5' },
  })
})

test('a making waits, or is tested, or just hangs there', () => {
  const making = { kind: 'making' as const, title: 'square for the lids' }
  expect(ended(session({ ...making, about: { kind: 'making', id: 2 } }))).toMatchObject({
    title: '✓ Done for now.',
    first: { to: '/true/plans/makings/2', text: 'See where it stands' },
  })
  expect(ended(session({ ...making, state: 'stopped', about: { kind: 'making', id: 2 } })).title).toBe(
    'Stopped.',
  )
  expect(ended(session({ ...making, about: { kind: 'reference', id: 9 } }))).toMatchObject({
    title: '✓ The square for the lids is made.',
    first: { to: '/true/references/9', text: 'Test it' },
  })
  expect(ended(session({ ...making, title: 'mallet', about: { kind: 'tool', id: 8 } }))).toMatchObject({
    says: 'It hangs on the board, ready for work.',
    first: { to: '/kit/tools/8', text: 'See it' },
  })
})
