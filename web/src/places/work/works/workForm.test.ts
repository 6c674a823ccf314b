import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { hardnessOf, labelsOf, lengthsOf, measuresOf, requestOf, sentOf, stepsOf } from './workForm'

const measure = (name: string, usual: string): Schemas['Measure'] => ({
  name,
  label: name,
  usual,
  usualMm: 1,
})
const box: Schemas['Pattern'] = {
  id: 'dovetailed-box',
  name: 'dovetailed box',
  says: '',
  form: 'box',
  measures: [measure('length', '460'), measure('tails', '5')],
}
const steps = JSON.stringify([{ operation: 'groove', typed: { width: '6' }, minGrade: 4 }])

describe('workForm', () => {
  it('tells lengths from counts', () => {
    expect(lengthsOf(box)).toEqual(['length'])
    expect(lengthsOf(null)).toEqual([])
  })
  it('sends every measure, typed or not', () => {
    expect(measuresOf(box, { length: '300' })).toEqual({ length: '300', tails: '' })
  })
  it('sends steps only for a work of one’s own', () => {
    expect(sentOf(box, { steps }).steps).toEqual([])
    expect(sentOf(null, { steps }).steps).toHaveLength(1)
  })
  it('bears a broken draft', () => {
    expect(stepsOf({ steps: '[{' })).toEqual([])
    expect(stepsOf({})).toEqual([])
  })
  it('names a work after its pattern where no name was typed', () => {
    expect(requestOf(box, { name: ' ' }).name).toBe('dovetailed box')
    expect(requestOf(box, { name: ' tea chest ' }).name).toBe('tea chest')
    expect(requestOf(null, {}).name).toBe('')
  })
  it('reads a weight with a comma, and takes one where there is none', () => {
    expect(requestOf(box, { weight: '2,5' }).weight).toBe(2.5)
    expect(requestOf(box, { weight: 'much' }).weight).toBe(1)
  })
  it('has no date where none was typed', () => {
    expect(requestOf(box, { due: '' }).due).toBeNull()
    expect(requestOf(box, { due: '2027-02-27' }).due).toBe('2027-02-27')
  })
  it('knows three kinds of wood', () => {
    expect(['soft', 'hard', 'granite'].map((hardness) => hardnessOf({ hardness }))).toEqual([
      'soft',
      'hard',
      'medium',
    ])
  })
  it('writes typed sizes on the drawing', () => {
    expect(labelsOf(box, { length: '12in' })).toEqual({ length: '12in', tails: '5' })
  })
})
