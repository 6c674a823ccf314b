import { expect, test } from 'vitest'
import { baseOf, sentOf } from './blankForm'

test('a new blank begins empty, with straight grain and no knots', () => {
  const sent = sentOf(baseOf(null))
  expect(sent).toMatchObject({ name: '', figure: 'straight', knots: 'none' })
  expect(sent.figures).toEqual({ length: '', width: '', thickness: '', ring: '', runout: '' })
})

test('a kept blank goes out as it came in', () => {
  const typed = {
    name: 'holly strip',
    species: 'American holly',
    figure: 'slight',
    knots: 'clear',
    figures: { length: '300', width: '40', thickness: '10', ring: '80', runout: '' },
  }
  const rest = { verdict: 'not-begun' as const, says: '', meanwhile: null, againOn: null, visits: [] }
  const blank = {
    id: 3,
    version: 1,
    name: 'holly strip',
    says: '',
    fitness: 'good' as const,
    reasons: [],
    moves: '',
    ringDeg: 80,
    lengthMm: 300,
    widthMm: 40,
    thicknessMm: 10,
    typed,
    rest,
  }
  expect(sentOf(baseOf(blank))).toEqual(typed)
})
